import { exactly, minus, toInterval } from '../quantities/index.ts'
import type { FittedSubject } from '../rules/index.ts'
import { mm, type Worked } from './worked.ts'
import * as msg from './messages.en.ts'

export function tether(s: FittedSubject): Worked | undefined {
  const { topTether } = s.route
  if (topTether === undefined) return undefined
  const path = toInterval(s.position.tether?.pathLengthMm)
  const { minLengthMm: from, maxLengthMm: to } = topTether
  const isStated = from !== undefined || to !== undefined
  return {
    label: msg.tetherPath,
    unit: 'mm',
    value: path,
    wanted: isStated ? msg.strap(from ?? 0, to === undefined ? msg.any : msg.mm(to)) : msg.strapLengthNotStated,
    missing: path === undefined ? msg.thePathToTheAnchorage : isStated ? undefined : msg.theStrapsRangeInThe,
    formula: [msg.shortestStrapPathLongestStrap],
    filled: path === undefined || !isStated ? [] : [msg.mmMm(from ?? 0, mm(path), to ?? '∞')],
  }
}

export function belt(s: FittedSubject): Worked | undefined {
  const { belt: use } = s.route
  if (use === undefined) return undefined
  const usable = toInterval(s.position.belt?.usableLengthMm)
  const needed = use.requiredLengthMm
  const spare = usable === undefined || needed === undefined ? undefined : minus(usable, exactly(needed))
  return {
    label: msg.beltToSpare,
    unit: 'mm',
    value: spare,
    wanted: needed === undefined ? msg.thePathsNeedIsNot : msg.thePathNeedsMm(needed),
    missing: usable === undefined ? msg.theUsableBelt : needed === undefined ? msg.whatThePathNeedsIn : undefined,
    formula: [msg.spareUsableBeltPath],
    filled: spare === undefined || usable === undefined ? [] : [`spare = ${mm(usable)} − ${needed} mm = ${mm(spare)}`],
  }
}

export function buckle(s: FittedSubject): Worked | undefined {
  const edge = s.route.belt?.pathEdgeAboveBightMm
  if (edge === undefined || s.route.belt?.lock.kind === 'free') return undefined
  const top = toInterval(s.position.belt?.buckleTopMm)
  const above = top === undefined ? undefined : minus(top, exactly(edge))
  return {
    label: msg.buckleTopAboveThePaths,
    unit: 'mm',
    value: above,
    wanted: msg.atMost0Mm,
    missing: top === undefined ? msg.theBucklesHeight : undefined,
    formula: [msg.aboveBuckleTopEdge],
    filled: above === undefined || top === undefined ? [] : [msg.aboveMm(mm(top), edge, mm(above))],
  }
}
