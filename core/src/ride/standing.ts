import { type FittingId } from '../ground/index.ts'
import { besideIn, sharedSeatIn } from '../casefile/index.ts'
import { every, type Decision } from '../quantities/index.ts'
import { assess, type Assessment, type Verdict } from '../verdict/index.ts'
import { rideFor, type AdultOfRide, type Member } from './others.ts'

/** How one fitting of a ride stands. */
export interface MemberStanding {
  readonly id: FittingId
  readonly verdict: Verdict
  readonly headline: string
  readonly isSigned: boolean
  /** Signed before what rides beside it was changed: it has to be looked at again. */
  readonly isOutdated: boolean
  readonly isStale: boolean
}

/** `another-car`: not all of them are in one car, so they are no ride. */
export type RideVerdict = 'ready' | 'not-ready' | 'undecided' | 'another-car'

export interface RideStanding {
  readonly verdict: RideVerdict
  readonly members: readonly MemberStanding[]
}

const DECISION: Readonly<Record<Verdict, Decision>> = {
  ready: 'pass',
  undecided: 'undecided',
  'not-ready': 'fail',
  'not-permitted': 'fail',
}

const isOther = (a: unknown, b: unknown): boolean => JSON.stringify(a) !== JSON.stringify(b)

/**
 * A ride is ready when each of its fittings is, all of them in one car, and none
 * was judged beside others than those who ride now.
 */
export function rideStanding(
  rideId: string,
  members: readonly Member[],
  adults: readonly AdultOfRide[],
  installing: readonly string[],
  judge: (member: Member) => Pick<Assessment, 'verdict' | 'headline' | 'stale'> = (m) => assess(m.case),
): RideStanding {
  const told = members.map((member): MemberStanding => {
    const { verdict, headline, stale } = judge(member)
    // Which record the others are kept in says nothing of how they stand.
    const now = { ...member.case, ride: rideFor(rideId, member, members, adults, installing) }
    const isOutdated = isOther(besideIn(member.case), besideIn(now)) || isOther(sharedSeatIn(member.case), sharedSeatIn(now)) // prettier-ignore
    const isSigned = member.case.handover !== undefined
    return { id: member.id, verdict, headline, isSigned, isOutdated, isStale: stale.length > 0 }
  })
  const cars = new Set(members.map((m) => m.case.vehicle?.id))
  const isOneCar = cars.size === 1 && !cars.has(undefined)
  const decision = every(told.map((m) => (m.isOutdated ? 'undecided' : DECISION[m.verdict])))
  return {
    verdict: !isOneCar
      ? 'another-car'
      : members.length === 0 || decision === 'undecided'
        ? 'undecided'
        : decision === 'pass'
          ? 'ready'
          : 'not-ready',
    members: told,
  }
}
