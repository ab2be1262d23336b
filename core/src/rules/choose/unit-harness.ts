import { isConvertible, stanceFor } from '../../restraint/index.ts'
import { defineRule } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './unit-harness.en.ts'

const say = sayer<typeof en>()

export default defineRule({
  id: 'unit-harness',
  scope: 'mode',
  stage: 'choose',
  severity: 'fix',
  source: 'maker',
  applies: ({ model }) => isConvertible(model),
  evaluate: ({ unit, mode, model }) => {
    const { harness: wanted = 'in' } = stanceFor(model, mode)
    const stands = unit?.harness
    if (stands === undefined) {
      return {
        kind: 'undecided',
        missing: ['unit.harness'],
        says: say('unknown-harness', { wanted, serial: unit?.serial }),
      }
    }
    return {
      kind: stands === wanted ? 'pass' : 'fail',
      says: say('judged', { serial: unit?.serial, stands, wanted }),
    }
  },
})
