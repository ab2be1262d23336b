import { exactly, minus, toInterval } from '../quantities/index.ts'
import type { FittedSubject } from '../rules/index.ts'
import { mm, type Worked } from './worked.ts'

export function tether(s: FittedSubject): Worked | undefined {
  const { topTether } = s.route
  if (topTether === undefined) return undefined
  const path = toInterval(s.position.tether?.pathLengthMm)
  const { minLengthMm: from, maxLengthMm: to } = topTether
  const isStated = from !== undefined || to !== undefined
  return {
    label: 'Tether path',
    unit: 'mm',
    value: path,
    wanted: isStated ? `strap ${from ?? 0}–${to === undefined ? 'any' : `${to} mm`}` : 'strap length not stated',
    missing:
      path === undefined ? 'the path to the anchorage' : isStated ? undefined : 'the strap’s range, in the catalogue',
    formula: ['shortest strap ≤ path ≤ longest strap'],
    filled: path === undefined || !isStated ? [] : [`${from ?? 0} mm ≤ ${mm(path)} ≤ ${to ?? '∞'} mm`],
  }
}

export function belt(s: FittedSubject): Worked | undefined {
  const { belt: use } = s.route
  if (use === undefined) return undefined
  const usable = toInterval(s.position.belt?.usableLengthMm)
  const needed = use.requiredLengthMm
  const spare = usable === undefined || needed === undefined ? undefined : minus(usable, exactly(needed))
  return {
    label: 'Belt to spare',
    unit: 'mm',
    value: spare,
    wanted: needed === undefined ? 'the path’s need is not stated' : `the path needs ${needed} mm`,
    missing:
      usable === undefined
        ? 'the usable belt'
        : needed === undefined
          ? 'what the path needs, in the catalogue'
          : undefined,
    formula: ['spare = usable belt − path'],
    filled: spare === undefined || usable === undefined ? [] : [`spare = ${mm(usable)} − ${needed} mm = ${mm(spare)}`],
  }
}

export function buckle(s: FittedSubject): Worked | undefined {
  const edge = s.route.belt?.pathEdgeAboveBightMm
  if (edge === undefined || s.route.belt?.lock.kind === 'free') return undefined
  const top = toInterval(s.position.belt?.buckleTopMm)
  const above = top === undefined ? undefined : minus(top, exactly(edge))
  return {
    label: 'Buckle top above the path’s edge',
    unit: 'mm',
    value: above,
    wanted: 'at most 0 mm',
    missing: top === undefined ? 'the buckle’s height' : undefined,
    formula: ['above = buckle top − edge'],
    filled: above === undefined || top === undefined ? [] : [`above = ${mm(top)} − ${edge} mm = ${mm(above)}`],
  }
}
