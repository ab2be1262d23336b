import { defineRule } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './practice-harness-longer.en.ts'

const say = sayer<typeof en>()

export default defineRule({
  id: 'practice-harness-longer',
  scope: 'mode',
  stage: 'choose',
  severity: 'advise',
  source: 'practice',
  applies: ({ mode, practice, alternatives }) =>
    mode.heldBy === 'vehicle-belt' && practice.boosterFrom === 'harness-to-its-limit' && alternatives !== undefined,
  evaluate: ({ alternatives }) => {
    const canStay = alternatives?.harnessed === 'pass'
    return {
      kind: canStay ? 'fail' : 'pass',
      says: say('judged', { canStay }),
    }
  },
})
