import { type FittingId, type IsoDate, type Sequence, type UnitId, type VehicleId } from '../ground/index.ts'
import type { JobKind, JobPlan, JobRecord, JobState } from '../aftercare/index.ts'
import type { AheadItem } from '../ahead/index.ts'
import type { Child } from '../child/index.ts'
import type { RecheckAnswer, RecheckItem } from '../procedure/index.ts'
import type { Decision } from '../quantities/index.ts'
import type { Ride } from '../casefile/index.ts'
import type { Direction, RouteKind } from '../restraint/index.ts'
import type { AdultOfRide, MemberStanding, RideVerdict } from '../ride/index.ts'
import type { Vehicle } from '../vehicle/index.ts'
import type { Stage } from '../verdict/index.ts'
import type { FittingSummary } from './api.ts'

/** What the server answers about the bay's day, families and the logbook. Days are local, times ISO 8601 in UTC. */

export const VISIT_STATES = ['expected', 'here', 'done', 'away'] as const
export type VisitState = (typeof VISIT_STATES)[number]

/** One family at the bay: booked for a time, or walked in. */
export interface VisitView {
  readonly id: string
  readonly day: string
  /** HH:MM where the bay stands. */
  readonly time: string
  readonly who: string
  readonly note: string
  readonly isWalkIn: boolean
  readonly state: VisitState
  readonly familyId: string | null
  readonly childId: string | null
  readonly vehicleId: VehicleId | null
  readonly fitting: FittingSummary | null
}

/** Something that has come due for a family. */
export interface DueView {
  readonly fittingId: FittingId
  readonly familyId: string | null
  readonly childName: string
  readonly restraintName: string | null
  readonly item: AheadItem
  readonly isPast: boolean
}

export interface JobView {
  readonly id: string
  readonly unitId: UnitId
  readonly unitName: string
  readonly fittingId: FittingId | null
  readonly kind: JobKind
  readonly plan: JobPlan
  readonly record: JobRecord
  readonly state: JobState['state']
  readonly startedAt: string
  readonly endedAt: string | null
  /** Who did or answered what, oldest first. */
  readonly log: readonly { readonly notedAt: string; readonly who: string; readonly what: string }[]
}

export interface DayView {
  readonly today: IsoDate
  readonly visits: readonly VisitView[]
  readonly due: readonly DueView[]
  /** Children of whose newest fitting it is still being worked out what is due. */
  readonly dueWaiting: number
  readonly jobs: readonly JobView[]
}

/** The demo in the store: which records are its own, and how far its season is filled in. */
export interface DemoView {
  readonly state: 'none' | 'filling' | 'here'
  /** Of those who come in the season, how many have been gone through. */
  readonly stored: number
  readonly total: number
  /** Fittings up to this running number are the demo's. */
  readonly lastNumber: number
  /** Fittings that were made here for children of the demo: they go with them. */
  readonly yours: number
  readonly ids: Readonly<Record<'children' | 'families' | 'vehicles' | 'models' | 'units', readonly string[]>>
}

/** What went with the demo, and what of its catalogue stays because somebody has changed it. */
export interface DemoRemoved {
  readonly fittings: number
  readonly children: number
  readonly kept: readonly {
    readonly kind: 'vehicles' | 'models' | 'units'
    readonly id: string
    readonly name: string
  }[]
}

export interface RecheckView {
  readonly id: string
  readonly fittingId: FittingId
  readonly answeredAt: string
  readonly who: string
  readonly kind: Decision
  readonly items: readonly RecheckItem[]
  readonly answers: Readonly<Record<string, RecheckAnswer>>
}

export interface FamilySummary {
  readonly id: string
  readonly name: string
  readonly children: readonly { readonly id: string; readonly name: string }[]
  readonly fittings: number
  readonly lastAt: string | null
}

export interface FamilyView {
  readonly id: string
  readonly name: string
  readonly note: string
  readonly children: readonly Child[]
  /** The newest first. */
  readonly fittings: readonly (FittingSummary & { readonly childId: string; readonly rideId: string | null })[]
  /** Cars and restraints that its fittings were made in, the latest first. */
  readonly cars: readonly string[]
  readonly restraints: readonly { readonly name: string; readonly serial: string | null; readonly lastAt: string }[]
  readonly rechecks: readonly RecheckView[]
}

/** Fittings of one car that travel at once, and how they stand together. */
export interface RideView {
  readonly id: string
  readonly createdAt: string
  readonly vehicle: Vehicle | null
  readonly verdict: RideVerdict
  /** In the order in which their restraints go in. */
  readonly members: readonly (MemberStanding & {
    readonly childId: string
    readonly childName: string
    readonly positionIds: readonly string[]
    readonly direction: Direction | null
    readonly restraintName: string | null
    readonly modeLabel: string | null
    /** Cup holder, pod or width setting, as they were said of what is chosen now. */
    readonly own: Pick<NonNullable<Ride['own']>, 'isExtraOff' | 'outsideMm' | 'secondPositionId'>
    readonly hasExtra: boolean
    readonly widthSettings: readonly { readonly label: string; readonly outsideMm: number }[]
    readonly sequence: Sequence
  })[]
  readonly adults: readonly AdultOfRide[]
  /** Who gets in, in order, by fitting or adult; past which places. */
  readonly loading: readonly { readonly id: string; readonly past: readonly string[] }[]
}

export interface LogbookRow extends FittingSummary {
  readonly routeKind: RouteKind | null
  readonly fitter: string | null
  /** Rules that ever refused it on the way, in working order of the bay. */
  readonly faults: readonly string[]
}
export interface LogbookPage {
  readonly total: number
  readonly rows: readonly LogbookRow[]
}

/** A count against those that could have had it. */
export interface Share {
  readonly key: string
  readonly count: number
  readonly of: number
}
export interface LogbookCharts {
  readonly fittings: number
  /** Which checks fail most, by rule. */
  readonly failing: readonly Share[]
  /** Fittings with at least one failed check, by kind of route and by restraint. */
  readonly byRoute: readonly Share[]
  readonly byRestraint: readonly Share[]
  /** The check that fails most in each route and restraint. */
  readonly oftenestByRoute: readonly (Share & { readonly ruleId: string })[]
  readonly oftenestByRestraint: readonly (Share & { readonly ruleId: string })[]
  /** Fittings a week, and those of them with a failed check; weeks by their Monday, the oldest first. */
  readonly weeks: readonly { readonly week: IsoDate; readonly fittings: number; readonly withFault: number }[]
  /** Median minutes that a fitting spends in a stage. */
  readonly minutes: readonly { readonly stage: Stage; readonly median: number; readonly fittings: number }[]
  /** What was wrong with fittings that came already installed. */
  readonly onArrival: { readonly fittings: number; readonly withFault: number; readonly faults: readonly Share[] }
}
