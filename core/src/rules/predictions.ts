import { insertThicknessMm } from '../fit/index.ts'
import { exactly, formatInterval, interval, minus, plus, toInterval, type Interval } from '../quantities/index.ts'
import type { CheckId } from '../readings/index.ts'
import { angleWorkedOut } from './angle-now.ts'
import { frontRoomNow } from './front-room-now.ts'
import { oncePerFitting } from './once.ts'
import { readNumber } from './outcomes.ts'
import type { FittedSubject, Need, Outcome } from './rule.ts'

/** What was worked out before, beside what was then seen or measured. */
export interface Comparison {
  readonly checkId: CheckId
  readonly what: string
  /** In words, made only when somebody reads them. */
  readonly predicted: () => string
  readonly seen: () => string
  readonly agrees: boolean
  /** Both sides were measured or read: a difference is a contradiction, and holds the verdict. */
  readonly isBinding: boolean
  /** What may be corrected, beside the check itself. */
  readonly rests: readonly Need[]
  /** What to look at again where they differ. */
  readonly lookAt: string
}

const meet = (a: Interval, b: Interval): boolean => a.lo <= b.hi && b.lo <= a.hi

function number(
  s: FittedSubject,
  checkId: CheckId,
  what: string,
  unit: string,
  predicted: Interval | undefined,
  lookAt: string,
  rests: readonly Need[],
  isBinding = true,
): readonly Comparison[] {
  const read = readNumber(s, checkId)
  if (predicted === undefined || read.kind !== 'known') return []
  const show = (x: Interval) => () => formatInterval(x, unit, unit === '°' ? 1 : 0).replace(' °', '°')
  return [
    {
      checkId,
      what,
      predicted: show(predicted),
      seen: show(read.value),
      agrees: meet(predicted, read.value),
      isBinding,
      rests,
      lookAt,
    },
  ]
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
      what: 'Room before the shell',
      predicted: () => formatInterval(clearanceMm, 'mm', 0),
      seen: () => ({ clear: 'a clear gap', touching: 'touching', pressing: 'pressing hard' })[option],
      agrees,
      isBinding: true,
      rests: ['position.frontClearanceMm', 'setting.recline'],
      lookAt: 'where the seat in front stands, the recline and the slope',
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
    ...number(s, 'shell-angle-deg', 'Shell angle', '°', 'lo' in angle ? angle : undefined, 'the recline that is set, the wedge and the cushion’s slope', ['setting.recline', 'position.cushion']), // prettier-ignore
    ...frontSeat(s),
    ...number(s, 'buckle-above-edge-mm', 'Buckle above the edge', 'mm', above, 'the belt’s path, and the figures of car and restraint', ['position.belt']), // prettier-ignore
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
  const insert = exactly(insertThicknessMm(mode, settings.insertsIn?.value ?? []))
  const crown =
    mode.shellEdgeMm === undefined || sitting === undefined
      ? undefined
      : minus(exactly(mode.shellEdgeMm), plus(sitting.mm, insert))
  return [
    ...number(s, 'guide-above-shoulder-mm', 'Belt guide above the shoulder', 'mm', guide, 'the guide’s height, and the child’s shoulder', ['setting.strapHeightMm', 'child.seatedShoulderHeightMm'], shoulder?.isEstimated === false), // prettier-ignore
    ...number(s, 'crown-below-edge-mm', 'Crown below the edge', 'mm', crown, 'the insert, the sitting height, and whether the hips are right back', ['child.sittingHeightMm', 'setting.insertsIn'], sitting?.isEstimated === false), // prettier-ignore
  ]
})

/** The rule's word on comparisons: all agree, or the first that does not. */
export function judgeComparisons(comparisons: readonly Comparison[]): Outcome {
  const apart = comparisons.filter((c) => !c.agrees)
  const first = apart.find((c) => c.isBinding) ?? apart[0]
  if (!first) {
    return {
      kind: 'pass',
      reason: () => comparisons.map((c) => `${c.what}: worked out ${c.predicted()}, seen ${c.seen()}.`).join(' '),
    }
  }
  return {
    kind: 'undecided',
    severity: first.isBinding ? 'fix' : 'advise',
    missing: [`check.${first.checkId}`, ...first.rests],
    reason: () =>
      `${first.what}: worked out ${first.predicted()}, seen ${first.seen()}. They differ by more than both are uncertain${first.isBinding ? ': one of them is wrong' : ', and one rests on an estimate'}.`,
    remedy: () =>
      first.isBinding
        ? `Look at both again, and put right the one that is wrong: ${first.lookAt}.`
        : `Measure the child instead of estimating: ${first.lookAt}.`,
  }
}
