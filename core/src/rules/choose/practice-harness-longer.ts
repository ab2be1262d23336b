import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'practice-harness-longer',
  title: 'Harness to its limit before a booster',
  scope: 'mode',
  stage: 'choose',
  severity: 'advise',
  source: 'practice',
  standsOn: 'Practice school “booster from”: a harness holds a small child better than an adult belt does.',
  applies: ({ mode, practice, alternatives }) =>
    mode.heldBy === 'vehicle-belt' && practice.boosterFrom === 'harness-to-its-limit' && alternatives !== undefined,
  evaluate: ({ alternatives }) => {
    const canStay = alternatives?.harnessed === 'pass'
    return {
      kind: canStay ? 'fail' : 'pass',
      reason: () =>
        canStay
          ? 'A mode with its own harness still takes this child.'
          : 'No mode with a harness here takes this child any more.',
      remedy: () => 'Stay in the harness, or choose the school “at the legal minimum” if that is your practice.',
    }
  },
})
