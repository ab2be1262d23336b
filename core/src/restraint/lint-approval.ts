import { LAW } from '../law/index.ts'
import { formatNumber } from '../quantities/index.ts'
import { massRangeOf } from './groups.ts'
import type { Found } from './lint-found.ts'
import type { Mode } from './restraint.ts'
import * as msg from './messages.en.ts'

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
        message: msg.forwardFromCmUnR129(formatNumber(from), L.r129ForwardFromCm),
      },
    isForwardIntegral &&
      mode.ageMonths?.from !== undefined &&
      mode.ageMonths.from < L.r129ForwardOverMonths && {
        path: 'ageMonths.from',
        message: msg.forwardFromMonthsUnR129(formatNumber(mode.ageMonths.from), L.r129ForwardOverMonths),
      },
    mode.direction === 'rearward' &&
      alsoForward &&
      to < L.r129RearwardToCm && {
        path: 'statureCm.to',
        message: msg.rearwardEndsAtCmA(formatNumber(to), L.r129RearwardToCm),
      },
    mode.shape === 'booster-seat' &&
      mode.heldBy === 'vehicle-belt' &&
      from < L.r129BoosterFromCm && {
        path: 'statureCm.from',
        message: msg.aBoosterFromCmUn(formatNumber(from), L.r129BoosterFromCm),
      },
    mode.shape === 'booster-cushion' &&
      from < L.cushionFromCm && {
        path: 'statureCm.from',
        message: msg.aCushionFromCmUn(formatNumber(from), L.cushionFromCm),
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
        message: msg.forwardFromKgUnR44(formatNumber(from), L.r44ForwardFromKg),
      },
    mode.direction === 'forward' &&
      groups.every((g) => g === '0' || g === '0+') && {
        path: 'approval.groups',
        message: msg.groupFacingForwardGroups0(groups.join('/')),
      },
    isNewCushion &&
      (mode.statureCm?.from ?? 0) < L.cushionFromCm && {
        path: 'statureCm.from',
        message: msg.aCushionApprovedInFrom(approvedYear, L.cushionFromCm, L.cushionSinceYear, L.cushionFromCm),
      },
    isNewCushion &&
      from < L.cushionFromKg && {
        path: 'massKg.from',
        message: msg.aCushionApprovedInFromKg(approvedYear, formatNumber(from), L.cushionSinceYear, L.cushionFromKg),
      },
  ]
}
