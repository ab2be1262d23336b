import { keepsDirection } from '../../restraint/index.ts'
import { defineRule } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './unit-direction.en.ts'

const say = sayer<typeof en>()

export default defineRule({
  id: 'unit-direction',
  scope: 'mode',
  stage: 'choose',
  severity: 'fix',
  source: 'maker',
  applies: ({ model }) => keepsDirection(model) !== 'no',
  evaluate: ({ unit, mode, model }) => {
    const stands = unit?.direction
    if (stands === mode.direction) {
      return { kind: 'pass', says: say('pass', { serial: unit?.serial, stands }) }
    }
    if (keepsDirection(model) === 'unknown') {
      return {
        kind: 'undecided',
        missing: ['mode.turns'],
        says: say('unknown-turns', { direction: mode.direction }),
      }
    }
    if (stands === undefined) {
      return {
        kind: 'undecided',
        missing: ['unit.direction'],
        says: say('unknown-direction', { direction: mode.direction, serial: unit?.serial }),
      }
    }
    return {
      kind: 'fail',
      says: say('fail', { serial: unit?.serial, stands, direction: mode.direction }),
    }
  },
})
