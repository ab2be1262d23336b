import { isConvertible, isIntegral } from '../../restraint/index.ts'
import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'unit-harness',
  title: 'The unit stands as this mode asks',
  scope: 'mode',
  stage: 'choose',
  severity: 'fix',
  source: 'maker',
  standsOn:
    'A restraint that serves with its harness and without stands in one of the two: harness in, or stowed; the other mode asks for its conversion first.',
  applies: ({ model }) => isConvertible(model),
  evaluate: ({ unit, mode }) => {
    const wanted = isIntegral(mode) ? 'in' : 'stowed'
    const stands = unit?.harness
    const words = { in: 'with its harness in', stowed: 'with its harness stowed' }
    if (stands === undefined) {
      return {
        kind: 'undecided',
        missing: ['unit.harness'],
        reason: () =>
          unit === undefined
            ? `No unit is named; this mode needs one ${words[wanted]}.`
            : `Whether unit ${unit.serial} stands ${words[wanted]} is not recorded.`,
        remedy: () => 'Look at the unit, and record whether its harness is in or stowed.',
      }
    }
    return {
      kind: stands === wanted ? 'pass' : 'fail',
      reason: () =>
        `Unit ${unit?.serial} stands ${words[stands]}${stands === wanted ? '' : `; this mode needs it ${wanted}`}.`,
      remedy: () => 'Convert it first: begin “Convert it to another mode”.',
    }
  },
})
