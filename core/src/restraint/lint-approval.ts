import { LAW } from '../law/index.ts'
import { formatNumber } from '../quantities/index.ts'
import { massRangeOf } from './groups.ts'
import type { Found } from './lint-found.ts'
import type { Mode } from './restraint.ts'

/** What a mode says against the regulation that it is approved to. */

export function lintR129(mode: Mode, alsoForward: boolean): readonly (Found | false)[] {
  const from = mode.statureCm?.from ?? Infinity
  const to = mode.statureCm?.to ?? Infinity
  const isForwardIntegral = mode.direction === 'forward' && mode.heldBy !== 'vehicle-belt'
  const L = LAW
  return [
    isForwardIntegral &&
      from < L.r129ForwardFromCm && {
        path: 'statureCm.from',
        message: `forward from ${formatNumber(from)} cm; UN R129 allows it from ${L.r129ForwardFromCm} cm`,
      },
    isForwardIntegral &&
      mode.ageMonths?.from !== undefined &&
      mode.ageMonths.from < L.r129ForwardOverMonths && {
        path: 'ageMonths.from',
        message: `forward from ${formatNumber(mode.ageMonths.from)} months; UN R129 allows it over ${L.r129ForwardOverMonths} months`,
      },
    mode.direction === 'rearward' &&
      alsoForward &&
      to < L.r129RearwardToCm && {
        path: 'statureCm.to',
        message: `rearward ends at ${formatNumber(to)} cm; a restraint that also faces forward must reach ${L.r129RearwardToCm} cm`,
      },
    mode.shape === 'booster-seat' &&
      mode.heldBy === 'vehicle-belt' &&
      from < L.r129BoosterFromCm && {
        path: 'statureCm.from',
        message: `a booster from ${formatNumber(from)} cm; UN R129 allows it from ${L.r129BoosterFromCm} cm`,
      },
    mode.shape === 'booster-cushion' &&
      from < L.cushionFromCm && {
        path: 'statureCm.from',
        message: `a cushion from ${formatNumber(from)} cm; UN R129 allows it from ${L.cushionFromCm} cm`,
      },
  ]
}

export function lintR44(mode: Mode): readonly (Found | false)[] {
  if (mode.approval.regulation !== 'R44') return []
  const { groups, approvedYear } = mode.approval
  const from = massRangeOf(mode).from ?? 0
  const L = LAW
  const isNewCushion =
    mode.shape === 'booster-cushion' && approvedYear !== undefined && approvedYear >= L.cushionSinceYear
  return [
    mode.direction === 'forward' &&
      from < L.r44ForwardFromKg && {
        path: mode.massKg === undefined ? 'approval.groups' : 'massKg.from',
        message: `forward from ${formatNumber(from)} kg; UN R44 allows it from ${L.r44ForwardFromKg} kg`,
      },
    mode.direction === 'forward' &&
      groups.every((g) => g === '0' || g === '0+') && {
        path: 'approval.groups',
        message: `group ${groups.join('/')} facing forward; groups 0 and 0+ are rearward or lateral`,
      },
    isNewCushion &&
      (mode.statureCm?.from ?? 0) < L.cushionFromCm && {
        path: 'statureCm.from',
        message: `a cushion approved in ${approvedYear} from less than ${L.cushionFromCm} cm; since ${L.cushionSinceYear} only from ${L.cushionFromCm} cm`,
      },
    isNewCushion &&
      from < L.cushionFromKg && {
        path: 'massKg.from',
        message: `a cushion approved in ${approvedYear} from ${formatNumber(from)} kg; since ${L.cushionSinceYear} only from ${L.cushionFromKg} kg`,
      },
  ]
}
