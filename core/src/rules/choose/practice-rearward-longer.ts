import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'practice-rearward-longer',
  title: 'Rearward as long as the restraint allows',
  scope: 'mode',
  stage: 'choose',
  severity: 'advise',
  source: 'practice',
  standsOn:
    'Practice school “turning forward”: the regulations state a minimum; staying rearward protects head and neck longer.',
  applies: ({ mode, practice, alternatives }) =>
    mode.direction === 'forward' &&
    mode.heldBy !== 'vehicle-belt' &&
    practice.turningForward === 'as-late-as-allowed' &&
    alternatives !== undefined,
  evaluate: ({ alternatives }) => {
    const canStay = alternatives?.rearward === 'pass'
    return {
      kind: canStay ? 'fail' : 'pass',
      reason: () =>
        canStay ? 'A rearward mode still takes this child.' : 'No rearward mode here takes this child any more.',
      remedy: () => 'Stay rearward, or choose the school “at the legal minimum” if that is your practice.',
    }
  },
})
