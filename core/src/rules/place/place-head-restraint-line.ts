import { EAR_SHARE } from '../../child/index.ts'
import { isDoubtOfShare, lineHeightMm } from '../../fit/index.ts'
import { compare, exactly, middle, minus, plus, toInterval, type Interval } from '../../quantities/index.ts'
import { untilSeen } from '../looks.ts'
import { defineRule, outcomeOf } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './place-head-restraint-line.en.ts'

const say = sayer<typeof en>()

export default defineRule({
  id: 'place-head-restraint-line',
  scope: 'place',
  stage: 'place',
  severity: 'stop',
  source: 'maker',
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
        says: say('unknown-head-restraint'),
      }
    }
    if (position.headRestraint === 'none') {
      return {
        kind: 'fail',
        says: say('fail'),
      }
    }
    const top = toInterval(position.headRestraintTopMm)
    if (top === undefined || sitting === undefined || mode.sitAboveCushionMm === undefined) {
      return untilSeen(s, 'position.headRestraint', 'head')
    }
    const seat = exactly(mode.sitAboveCushionMm)
    const ears = plus(seat, lineHeightMm(sitting.mm, EAR_SHARE))
    const below = minus(top, ears)
    const said = compare(below, 'at-least', 0)
    const judgeExactTop = (line: Interval) => compare(minus(exactly(middle(top)), plus(seat, line)), 'at-least', 0)
    // Where no measure would tell, the eye does: the look at the child settles it.
    if (!sitting.isEstimated && isDoubtOfShare(sitting.mm, EAR_SHARE, judgeExactTop))
      return { ...untilSeen(s, 'check.head', 'head'), measured: ears, limit: top.lo, unit: 'mm' }
    const kind = said === 'fail' && sitting.isEstimated ? 'undecided' : said
    // Where an exact top would decide, it is the top that is not known closely enough.
    const isDoubtOfTop = said === 'undecided' && judgeExactTop(lineHeightMm(sitting.mm, EAR_SHARE)) !== 'undecided'
    return outcomeOf(kind, [isDoubtOfTop ? 'position.headRestraint' : 'child.sittingHeightMm'], {
      measured: ears,
      limit: top.lo,
      unit: 'mm',
      margin: below.lo,
      says: say('judged', { ears, isEstimated: sitting.isEstimated, top, kind, isDoubtOfTop }),
    })
  },
})
