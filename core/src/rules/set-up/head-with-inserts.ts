import { HEAD_LINES, insertThicknessMm } from '../../fit/index.ts'
import { compare, exactly, formatInterval, formatNumber, interval, plus } from '../../quantities/index.ts'
import { defineRule } from '../rule.ts'

/** What is seen on the child takes its place. */
export default defineRule({
  id: 'head-with-inserts',
  title: 'Head below the edge with the inserts that are in',
  scope: 'fitted',
  stage: 'set-up',
  severity: 'fix',
  source: 'maker',
  standsOn: 'Padding under the child raises its head as well: what is in counts, whether it has to be in or only may.',
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
        reason: () =>
          'How high the head stands with the inserts in cannot be worked out; it is looked at on the child.',
        remedy: () => 'Look at the head against the edge once the child sits in it.',
      }
    }
    const line = HEAD_LINES[headRule]
    const raisedMm = insertThicknessMm(mode, settings.insertsIn?.value ?? [])
    const height = plus(interval(sitting.mm.lo * line.share.lo, sitting.mm.hi * line.share.hi), exactly(raisedMm))
    const limit = shellEdgeMm - headBelowEdgeMm
    const said = compare(height, 'at-most', limit)
    const isOpen = said === 'undecided' || (said === 'fail' && sitting.isEstimated)
    return {
      kind: isOpen ? 'undecided' : said,
      // An estimate, and what is too close to tell, wait for the look at the child.
      severity: isOpen ? 'advise' : 'fix',
      measured: height,
      limit,
      unit: 'mm',
      margin: Math.round(limit - height.hi),
      missing: isOpen ? ['child.sittingHeightMm'] : undefined,
      reason: () =>
        `${line.what} at ${formatInterval(height, 'mm', 0)} with ${formatNumber(raisedMm, 0)} mm of inserts; the edge is at ${formatNumber(limit, 0)} mm.`,
      remedy: () => 'Take out the inserts that only may be in, or choose another mode.',
    }
  },
})
