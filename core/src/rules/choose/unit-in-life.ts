import { daysBetween } from '../../quantities/index.ts'
import { lifeEnd } from '../../restraint/index.ts'
import { defineRule, rangeBounds } from '../rule.ts'

export default defineRule({
  id: 'unit-in-life',
  title: 'Within its stated life',
  scope: 'mode',
  stage: 'choose',
  severity: 'stop',
  source: 'maker',
  standsOn: 'A restraint is retired at the end of the maker’s stated life; its last day still counts.',
  applies: () => true,
  bounds: (s) => {
    const end = lifeEnd(s)
    return end === undefined ? [] : rangeBounds('daysFromToday', undefined, daysBetween(s.today, end))
  },
  evaluate: (s) => {
    const end = lifeEnd(s)
    if (end === undefined) {
      return {
        kind: 'undecided',
        missing: ['unit.lifeEndsOn'],
        reason: () =>
          s.unit === undefined
            ? 'No unit is named, so when its life ends is not known.'
            : `When unit ${s.unit.serial} was made, or how long it may be used, is not known.`,
        remedy: () => 'Read the date on the shell and the life in the manual, and enter them with the unit.',
      }
    }
    const days = daysBetween(s.today, end)
    return {
      kind: days >= 0 ? 'pass' : 'fail',
      margin: days,
      unit: 'days',
      reason: () => (days >= 0 ? `May be used until ${end}.` : `Its life ended on ${end}.`),
      remedy: () => 'Retire it; choose another unit.',
    }
  },
})
