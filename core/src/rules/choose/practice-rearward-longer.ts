import { defineRule } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './practice-rearward-longer.en.ts'

const say = sayer<typeof en>()

export default defineRule({
  id: 'practice-rearward-longer',
  scope: 'mode',
  stage: 'choose',
  severity: 'advise',
  source: 'practice',
  applies: ({ mode, practice, alternatives }) =>
    mode.direction === 'forward' &&
    mode.heldBy !== 'vehicle-belt' &&
    practice.turningForward === 'as-late-as-allowed' &&
    alternatives !== undefined,
  evaluate: ({ alternatives }) => {
    const canStay = alternatives?.rearward === 'pass'
    return {
      kind: canStay ? 'fail' : 'pass',
      says: say('judged', { canStay }),
    }
  },
})
