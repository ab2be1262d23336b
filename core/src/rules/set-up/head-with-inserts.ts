import { HEAD_LINES, insertThicknessMm } from '../../fit/index.ts'
import { compare, exactly, interval, plus } from '../../quantities/index.ts'
import { defineRule, outcomeOf } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './head-with-inserts.en.ts'

const say = sayer<typeof en>()

/** What is seen on the child takes its place. */
export default defineRule({
  id: 'head-with-inserts',
  scope: 'fitted',
  stage: 'set-up',
  severity: 'fix',
  source: 'maker',
  applies: ({ mode, settings, look }) =>
    mode.headRule !== undefined &&
    mode.headRule !== 'ears-below-vehicle-head-restraint' &&
    insertThicknessMm(mode, settings.insertsIn?.value ?? []) > 0 &&
    (look('head').reading === undefined || look('head').staleBecause !== undefined),
  evaluate: ({ mode, settings, sitting }) => {
    const { headRule, shellEdgeMm, headBelowEdgeMm = 0 } = mode
    if (headRule === undefined || shellEdgeMm === undefined || sitting === undefined) {
      return {
        kind: 'undecided',
        severity: 'advise',
        missing: [sitting === undefined ? 'child.sittingHeightMm' : 'check.head'],
        says: say('unknown'),
      }
    }
    const line = HEAD_LINES[headRule]
    const raisedMm = insertThicknessMm(mode, settings.insertsIn?.value ?? [])
    const height = plus(interval(sitting.mm.lo * line.share.lo, sitting.mm.hi * line.share.hi), exactly(raisedMm))
    const limit = shellEdgeMm - headBelowEdgeMm
    const said = compare(height, 'at-most', limit)
    const isOpen = said === 'undecided' || (said === 'fail' && sitting.isEstimated)
    return outcomeOf(isOpen ? 'undecided' : said, ['child.sittingHeightMm'], {
      severity: isOpen ? 'advise' : 'fix',
      measured: height,
      limit,
      unit: 'mm',
      margin: Math.round(limit - height.hi),
      says: say('judged', { what: line.what, height, raisedMm, limit }),
    })
  },
})
