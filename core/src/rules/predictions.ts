import { paddingNowMm } from '../fit/index.ts'
import { exactly, interval, minus, plus, toInterval, type Interval } from '../quantities/index.ts'
import type { CheckId } from '../checks/index.ts'
import { angleWorkedOut } from './angle-now.ts'
import { frontRoomNow } from './front-room-now.ts'
import { oncePerFitting } from './once.ts'
import { readNumber } from './measured.ts'
import type { FittedSubject, Need, Outcome } from './rule.ts'
import type { Comparison } from './predictions.en.ts'
import type shared from './shared.en.ts'
import { sayer } from './say.ts'

const say = sayer<typeof shared>()

const meet = (a: Interval, b: Interval): boolean => a.lo <= b.hi && b.lo <= a.hi

function number(
  s: FittedSubject,
  checkId: CheckId,
  predicted: Interval | undefined,
  rests: readonly Need[],
  isBinding = true,
): readonly Comparison[] {
  const read = readNumber(s, checkId)
  if (predicted === undefined || read.kind !== 'known') return []
  return [{ checkId, predicted, seen: read.value, agrees: meet(predicted, read.value), isBinding, rests }]
}

function frontSeat(s: FittedSubject): readonly Comparison[] {
  const { reading, staleBecause } = s.look('front-seat')
  const room = frontRoomNow(s)
  const option = reading?.option
  if (room === undefined || staleBecause !== undefined) return []
  if (option !== 'clear' && option !== 'touching' && option !== 'pressing') return []
  const { clearanceMm } = room
  const agrees = option === 'clear' ? clearanceMm.hi > 0 : clearanceMm.lo <= 0
  return [
    {
      checkId: 'front-seat',
      predicted: clearanceMm,
      seen: option,
      agrees,
      isBinding: true,
      rests: ['position.frontClearanceMm', 'setting.recline'],
    },
  ]
}

/** Everything at the car that was worked out and has been looked at since. */
export const attachComparisons = oncePerFitting((s): readonly Comparison[] => {
  const angle = angleWorkedOut(s)
  const top = toInterval(s.position.belt?.buckleTopMm)
  const edge = s.route.belt?.pathEdgeAboveBightMm
  const above = top === undefined || edge === undefined ? undefined : minus(top, exactly(edge))
  return [
    ...number(s, 'shell-angle-deg', 'lo' in angle ? angle : undefined, ['setting.recline', 'position.cushionSlopeDeg']), // prettier-ignore
    ...frontSeat(s),
    ...number(s, 'buckle-above-edge-mm', above, ['position.belt']), // prettier-ignore
  ]
})

/** Everything on the child that was worked out and has been looked at since. */
export const childComparisons = oncePerFitting((s): readonly Comparison[] => {
  const { mode, settings, shoulder, sitting } = s
  const set = settings.strapHeightMm?.value
  const guide =
    mode.shape !== 'booster-seat' || shoulder === undefined || set === undefined
      ? undefined
      : interval(set - shoulder.mm.hi, set - shoulder.mm.lo)
  const paddingMm = paddingNowMm(mode, settings.insertsIn?.value)
  const crown =
    mode.shellEdgeMm === undefined || sitting === undefined || paddingMm === undefined
      ? undefined
      : minus(exactly(mode.shellEdgeMm), plus(sitting.mm, exactly(paddingMm)))
  return [
    ...number(s, 'guide-above-shoulder-mm', guide, ['setting.strapHeightMm', 'child.seatedShoulderHeightMm'], shoulder?.isEstimated === false), // prettier-ignore
    ...number(s, 'crown-below-edge-mm', crown, ['child.sittingHeightMm', 'setting.insertsIn'], sitting?.isEstimated === false), // prettier-ignore
  ]
})

/** The rule's word on comparisons: all agree, or the first that does not. */
export function judgeComparisons(comparisons: readonly Comparison[]): Outcome {
  const apart = comparisons.filter((c) => !c.agrees)
  const first = apart.find((c) => c.isBinding) ?? apart[0]
  if (!first) {
    return {
      kind: 'pass',
      says: say('as-worked-out', { comparisons }),
    }
  }
  return {
    kind: 'undecided',
    severity: first.isBinding ? 'fix' : 'advise',
    missing: [`check.${first.checkId}`, ...first.rests],
    check: first.checkId,
    says: say('differs', first),
  }
}
