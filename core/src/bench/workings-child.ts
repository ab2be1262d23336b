import {
  boundsText,
  gaugeAboveExitMm,
  guideWindowMm,
  HEAD_LINES,
  headBelowEdge,
  insertThicknessMm,
  insertThicknessRangeMm,
  paddingNowMm,
  STRAP_RULE_TEXT,
  strapRuleOf,
  strapWindowMm,
} from '../fit/index.ts'
import {
  exactly,
  formatNumber,
  halfWidth,
  interval,
  minus,
  plus,
  toInterval,
  type Interval,
} from '../quantities/index.ts'
import type { FittedSubject } from '../rules/index.ts'
import { mm, type Worked } from './worked.ts'
import * as msg from './messages.en.ts'

export function straps(s: FittedSubject): Worked | undefined {
  const { mode, shoulderMm, settings } = s
  if (mode.heldBy !== 'harness' || mode.strap === undefined) return undefined
  if (mode.strap.adjuster.kind === 'follows-head-support') return undefined
  const insert = paddingNowMm(mode, settings.insertsIn?.value)
  const raised = shoulderMm === undefined || insert === undefined ? undefined : plus(shoulderMm, exactly(insert))
  const set = settings.strapHeightMm?.value
  const gauge = gaugeAboveExitMm(mode)
  const above = raised === undefined || set === undefined ? undefined : minus(exactly(set), raised)
  return {
    label: above === undefined ? msg.shoulder : msg.strapExitAboveTheShoulder,
    unit: 'mm',
    value: above ?? raised,
    wanted: `${STRAP_RULE_TEXT[strapRuleOf(mode)]}${gauge === 0 ? '' : gauge === undefined ? msg.readAtTheHeadSupports : msg.readAtTheHeadSupportsLower(gauge)}`,
    window: above === undefined ? undefined : strapWindowMm(mode),
    missing:
      shoulderMm === undefined
        ? msg.theSeatedShoulderHeight
        : insert === undefined
          ? msg.whichInsertsAreIn
          : set === undefined
            ? msg.theSlotSet
            : undefined,
    formula: [msg.sSeatedShoulderInsert, msg.offsetSlotS],
    filled:
      shoulderMm === undefined || raised === undefined
        ? []
        : [
            `S = ${mm(shoulderMm)} + ${insert} mm = ${mm(raised)}`,
            ...(set === undefined || above === undefined ? [] : [msg.offsetMm(set, mm(raised), mm(above))]),
          ],
  }
}

export function guide(s: FittedSubject): Worked | undefined {
  const { mode, shoulder, settings } = s
  if (mode.shape !== 'booster-seat' || mode.beltGuideMm === undefined) return undefined
  const set = settings.strapHeightMm?.value
  const above = shoulder === undefined || set === undefined ? undefined : minus(exactly(set), shoulder.mm)
  return {
    label: msg.beltGuideAboveTheShoulder,
    unit: 'mm',
    value: above,
    wanted: msg.theGuideGoesMm(boundsText(guideWindowMm(mode)), mode.beltGuideMm.fromMm, mode.beltGuideMm.toMm),
    window: { from: guideWindowMm(mode).fromMm, to: guideWindowMm(mode).toMm },
    missing: shoulder === undefined ? msg.theSeatedShoulderHeight : set === undefined ? msg.theGuidesHeight : undefined,
    formula: [msg.aboveGuideSeatedShoulder],
    filled:
      above === undefined || shoulder === undefined
        ? []
        : [`above = ${set} mm − ${mm(shoulder.mm)}${shoulder.isEstimated ? ' (estimated)' : ''} = ${mm(above)}`],
  }
}

/** Height of the head's line above the surface under the child's padding, in mm. */
export function headLineMm(s: FittedSubject): Interval | undefined {
  const line = s.mode.headRule && HEAD_LINES[s.mode.headRule]
  if (!line || s.sitting === undefined) return undefined
  const set = s.settings.insertsIn?.value
  const insert = set === undefined ? insertThicknessRangeMm(s.mode, s).least : exactly(insertThicknessMm(s.mode, set))
  return plus(interval(s.sitting.mm.lo * line.share.lo, s.sitting.mm.hi * line.share.hi), insert)
}

export function head(s: FittedSubject): Worked | undefined {
  const { mode, sitting, position } = s
  const line = mode.headRule && HEAD_LINES[mode.headRule]
  if (!line) return undefined
  const byCar = mode.headRule === 'ears-below-vehicle-head-restraint'
  const lower = headBelowEdge(mode, s.practice)
  const height = headLineMm(s)
  const top = toInterval(position.headRestraintTopMm)
  const edge = byCar
    ? top === undefined || mode.sitAboveCushionMm === undefined
      ? undefined
      : minus(top, exactly(mode.sitAboveCushionMm))
    : mode.shellEdgeMm === undefined
      ? undefined
      : exactly(mode.shellEdgeMm)
  const below = height === undefined || edge === undefined ? undefined : minus(edge, height)
  const share =
    halfWidth(line.share) === 0 ? '' : msg.to(formatNumber(line.share.lo, 2), formatNumber(line.share.hi, 2))
  return {
    label: msg.belowTheEdge(line.what),
    unit: 'mm',
    value: below,
    wanted: byCar
      ? msg.noHigherThanTheCars
      : lower.mm === 0
        ? msg.noHigherThanTheEdge
        : msg.atLeastMmBelowThe(lower.mm, lower.by === 'maker' ? msg.theMaker : msg.thePracticeProfile),
    window: { from: byCar ? 0 : lower.mm },
    missing:
      height === undefined
        ? msg.theSittingHeight
        : edge === undefined
          ? byCar
            ? msg.theHeadRestraintsTopOr
            : msg.theShellsEdgeInThe
          : undefined,
    formula: [msg.lineSittingHeightInsert(share), msg.belowEdgeLine],
    filled:
      below === undefined || sitting === undefined || height === undefined || edge === undefined
        ? []
        : [
            msg.lineInsert(mm(sitting.mm), sitting.isEstimated ? ' (estimated)' : '', share, mm(height)),
            msg.below(mm(edge), mm(height), mm(below)),
          ],
  }
}
