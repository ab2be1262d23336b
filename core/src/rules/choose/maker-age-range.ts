import { rangeOutcome } from '../outcomes.ts'
import { defineRule, rangeBounds } from '../rule.ts'

export default defineRule({
  id: 'maker-age-range',
  title: 'Maker’s age range',
  scope: 'mode',
  stage: 'choose',
  severity: 'stop',
  source: 'maker',
  standsOn: 'A maker may ask for a higher age than the regulation, never a lower one.',
  applies: ({ mode }) => mode.ageMonths !== undefined,
  bounds: ({ mode }) => rangeBounds('ageMonths', mode.ageMonths?.from, mode.ageMonths?.to),
  evaluate: ({ mode, age }) =>
    rangeOutcome({
      what: 'Age',
      unit: 'months',
      measured: age,
      from: mode.ageMonths?.from,
      to: mode.ageMonths?.to,
      need: 'child.ageMonths',
      stated: 'the maker’s range',
      remedyBelow: 'Wait: use a mode for a younger child.',
      remedyAbove: 'Too old for this mode by the maker’s word: choose the next.',
    }),
})
