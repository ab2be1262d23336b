import { EAR_SHARE } from '../../child/index.ts'
import { compare, exactly, formatInterval, interval, minus, plus, toInterval } from '../../quantities/index.ts'
import { untilSeen } from '../outcomes.ts'
import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'place-head-restraint-line',
  title: 'Ears below the car’s head restraint',
  scope: 'place',
  stage: 'place',
  severity: 'stop',
  source: 'maker',
  standsOn:
    'On a booster cushion the vehicle’s own head restraint protects the head: the top of the ears no higher than it.',
  limits: {
    'ears, share of sitting height, from': { value: EAR_SHARE.lo, unit: '' },
    'ears, share of sitting height, to': { value: EAR_SHARE.hi, unit: '' },
  },
  applies: ({ mode }) => mode.headRule === 'ears-below-vehicle-head-restraint',
  evaluate: (s) => {
    const { mode, position, sitting } = s
    if (position.headRestraint === undefined) {
      return {
        kind: 'undecided',
        missing: ['position.headRestraint'],
        reason: () => 'Whether this place has a head restraint is not known; on a cushion it alone protects the head.',
        remedy: () => 'Look at the seat.',
      }
    }
    if (position.headRestraint === 'none') {
      return {
        kind: 'fail',
        reason: () => 'This place has no head restraint, and a cushion gives the head none.',
        remedy: () => 'Use another place, or a booster seat with a back.',
      }
    }
    const top = toInterval(position.headRestraintTopMm)
    if (top === undefined || sitting === undefined || mode.sitAboveCushionMm === undefined) {
      return untilSeen(s, {
        need: 'position.headRestraint',
        check: 'head',
        what: 'How high the head restraint reaches against the ears',
        remedy: 'Raise the head restraint and look at the ears against its top once the child sits.',
      })
    }
    const ears = plus(
      exactly(mode.sitAboveCushionMm),
      interval(sitting.mm.lo * EAR_SHARE.lo, sitting.mm.hi * EAR_SHARE.hi),
    )
    const below = minus(top, ears)
    const said = compare(below, 'at-least', 0)
    const kind = said === 'fail' && sitting.isEstimated ? 'undecided' : said
    return {
      kind,
      measured: ears,
      limit: top.lo,
      unit: 'mm',
      margin: below.lo,
      missing: kind === 'undecided' ? ['child.sittingHeightMm'] : undefined,
      reason: () =>
        `Top of the ears ${formatInterval(ears, 'mm', 0)} above the cushion${sitting.isEstimated ? ', estimated from the stature' : ''}; the head restraint reaches ${formatInterval(top, 'mm', 0)}.`,
      remedy: () =>
        kind === 'undecided'
          ? 'Measure the sitting height, from the surface it sits on to the crown.'
          : 'Raise the head restraint, use another place, or a booster seat with a back.',
    }
  },
})
