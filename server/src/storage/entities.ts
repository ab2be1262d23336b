import { type FittingId, type Sequence } from '@nimble-anchor/core/ground'
import type { JobKind, JobPlan, JobRecord } from '@nimble-anchor/core/aftercare'
import type { AheadItem } from '@nimble-anchor/core/ahead'
import type { VisitState } from '@nimble-anchor/core/formats'
import type { RecheckItem } from '@nimble-anchor/core/procedure'
import type { AdultOfRide } from '@nimble-anchor/core/ride'
import type { Stage, Verdict } from '@nimble-anchor/core/verdict'
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm'
import { PEOPLE_ENTITIES } from './people-entities'
import { CASES } from './same-text'

/** What a ride is beside its fittings. */
export interface RideBody {
  readonly adults: readonly AdultOfRide[]
  /** Fittings in the order in which their restraints go in. */
  readonly installing: readonly string[]
  /** Fittings and adults in the order in which they get in, and the places that they get past. */
  readonly loading: readonly { readonly id: string; readonly past: readonly string[] }[]
}

/**
 * Documents of the open formats are stored whole, as validated by core; columns
 * beside them are what queries need. Times are ISO 8601 in UTC.
 */

@Entity('vehicle')
export class VehicleRow {
  @PrimaryColumn('text') id: string
  @Column('simple-json') body: unknown
}

@Entity('restraint_model')
export class ModelRow {
  @PrimaryColumn('text') id: string
  @Column('simple-json') body: unknown
}

@Entity('restraint_unit')
export class UnitRow {
  @PrimaryColumn('text') id: string
  @ManyToOne(() => ModelRow, { onDelete: 'RESTRICT' })
  @JoinColumn({ name: 'modelId' })
  model?: Relation<ModelRow>
  @Column('text') modelId: string
  @Column('simple-json') body: unknown
}

@Entity('child')
export class ChildRow {
  @PrimaryColumn('text') id: string
  @Column('simple-json') body: unknown
  @Index()
  @Column('text')
  familyId: string
}

/** Who belongs together: exported and erased as one. */
@Entity('family')
export class FamilyRow {
  @PrimaryColumn('text') id: string
  @Column('text') name: string
  @Column('text') note: string
}

@Entity('fitting')
@Index(['status', 'updatedAt'])
@Index(['updatedAt'])
@Index(['childId', 'status', 'signedAt', 'number'])
export class FittingRow {
  @PrimaryColumn('text') id: FittingId
  @ManyToOne(() => ChildRow, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'childId' })
  child?: Relation<ChildRow>
  @Column('text') childId: string
  @Column('text') createdAt: string
  @Column('text') updatedAt: string
  @Column('text') status: 'open' | 'signed'
  /** Number of the newest entry; 0 before the first. */
  @Column('integer') sequence: Sequence
  @Column('text') verdict: Verdict
  @Column('text') headline: string
  /** The signed fitting that this one corrects. */
  @Index()
  @Column('text', { nullable: true })
  revises: FittingId | null
  // What a list shows, so that listing need not read whole cases.
  @Column('text') childName: string
  @Column('text', { nullable: true }) vehicleName: string | null
  @Column('text', { nullable: true }) restraintName: string | null
  /** Counts up; the row of the search index. */
  @Index({ unique: true })
  @Column('integer')
  number: number
  @Column('text') stage: Stage
  @Column('boolean') arrivedInstalled: boolean
  /** Came in as a signed case file: whoever signed it did so elsewhere. */
  @Column('boolean') elsewhere: boolean
  // What a logbook filters and counts by.
  @Column('text', { nullable: true }) vehicleId: string | null
  @Column('text', { nullable: true }) modelId: string | null
  @Column('text', { nullable: true }) unitId: string | null
  @Column('text', { nullable: true }) routeKind: string | null
  /** As its case says it, for those who ask which of a child's fittings is the newest. */
  @Column('text', { nullable: true }) signedAt: string | null
  /** The colleague that it was passed to. */
  @Column('text', { nullable: true }) holderId: string | null
  /** Who made the newest entry. */
  @Column('text', { nullable: true }) fitter: string | null
  /** The case as it was created, from which the history replays. */
  @Column('simple-json', { select: false }) initial: unknown
  @Column('text', { transformer: CASES }) current: unknown
}

/** Append-only: a trigger refuses every update. */
@Entity('fitting_entry')
export class EntryRow {
  @PrimaryColumn('text') fittingId: FittingId
  @PrimaryColumn('integer') sequence: Sequence
  @ManyToOne(() => FittingRow, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'fittingId' })
  fitting?: Relation<FittingRow>
  @Column('text', { name: 'at' }) enteredAt: string
  @Column('text') who: string
  @Column('simple-json') changes: unknown
  /** The entry that this one takes back. */
  @Column('integer', { nullable: true }) undoes: number | null
  /** The rule that decided after this entry; none where nothing stood in the way. */
  @Column('text', { nullable: true }) decidedBy: string | null
  /** Given by the device that sent it: an entry sent again after a lost answer is the same entry. */
  @Column('text', { nullable: true }) entryId: string | null
  /** Who was signed in; of older entries the name was typed. */
  @Column('text', { nullable: true }) personId: string | null
}

/** A rule that refused a fitting at some time on its way. */
@Entity('fitting_fault')
class FaultRow {
  @PrimaryColumn('text') fittingId: FittingId
  @PrimaryColumn('text') ruleId: string
  @Column('text', { name: 'at' }) foundAt: string
  /** It was wrong when a fitting that came already installed was first looked at. */
  @Column('boolean') onArrival: boolean
}

/** Working time in a stage, from the times between entries. */
@Entity('fitting_stage')
class StageTimeRow {
  @PrimaryColumn('text') fittingId: FittingId
  @PrimaryColumn('text') stage: string
  @Column('integer') seconds: number
}

/** What is due after a signed fitting, kept so that nobody need grow children to list a day. */
@Entity('due')
class DueRow {
  @PrimaryColumn('text') fittingId: FittingId
  @PrimaryColumn('text') itemId: string
  @Column('text') early: string
  @Column('simple-json') item: AheadItem
}

/** Signed fittings of which nobody has asked yet what is due. */
@Entity('due_waiting')
class DueWaitingRow {
  @PrimaryColumn('text') fittingId: FittingId
}

/** What the demo brought; of a catalogue entry, its fingerprint as it was brought. */
@Entity('demo_record')
class DemoRecordRow {
  @PrimaryColumn('text') kind: string
  @PrimaryColumn('text') id: string
  @Column('text', { nullable: true }) seen: string | null
}

/** The same installation looked at again by the carer. Append-only. */
@Entity('recheck')
export class RecheckRow {
  @PrimaryColumn('text') id: string
  @Column('text') fittingId: FittingId
  @Column('text', { name: 'at' }) answeredAt: string
  @Column('text') who: string
  @Column('text') kind: 'pass' | 'fail' | 'undecided'
  @Column('simple-json') items: readonly RecheckItem[]
  @Column('simple-json') answers: Readonly<Record<string, 'yes' | 'no' | 'unsure'>>
}

/** Work on one unit beside a fitting; its plan stays as it was generated. */
@Entity('job')
export class JobRow {
  @PrimaryColumn('text') id: string
  @Column('text') unitId: string
  @Column('text') unitName: string
  @Column('text', { nullable: true }) fittingId: FittingId | null
  @Column('text') kind: JobKind
  @Column('simple-json') plan: JobPlan
  @Column('simple-json') record: JobRecord
  @Column('text') state: 'steps' | 'checks' | 'passed' | 'failed'
  @Column('text') startedAt: string
  @Column('text', { nullable: true }) endedAt: string | null
}

/** Append-only: who did or answered what of a job. */
@Entity('job_entry')
export class JobEntryRow {
  @PrimaryColumn('text') jobId: string
  @PrimaryColumn('integer') sequence: Sequence
  @Column('text', { name: 'at' }) notedAt: string
  @Column('text') who: string
  @Column('text') what: string
  @Column('text', { nullable: true }) personId: string | null
}

/** One family at the bay on one day. */
@Entity('visit')
export class VisitRow {
  @PrimaryColumn('text') id: string
  @Column('text') day: string
  @Column('text') time: string
  @Column('text') who: string
  @Column('text') note: string
  @Column('boolean') isWalkIn: boolean
  @Column('text') state: VisitState
  @Column('text', { nullable: true }) childId: string | null
  @Column('text', { nullable: true }) vehicleId: string | null
  @Column('text', { nullable: true }) fittingId: FittingId | null
}

/** Fittings of one car that travel at once. */
@Entity('ride')
export class RideRow {
  @PrimaryColumn('text') id: string
  @Column('text') createdAt: string
  /** Who rides along on the seats, and the order in which restraints and riders go in, by fitting. */
  @Column('simple-json') body: RideBody
}

/** A fitting is of one ride at most. */
@Entity('ride_fitting')
export class RideFittingRow {
  @PrimaryColumn('text') fittingId: FittingId
  @Column('text') rideId: string
}

/** The id of a fitting that was erased, and nothing else of it. */
@Entity('erased')
export class ErasedRow {
  @PrimaryColumn('text') fittingId: FittingId
}

@Entity('practice_profile')
export class PracticeRow {
  @PrimaryColumn('text') id: string
  @Column('simple-json') body: unknown
}

@Entity('local_rule')
export class LocalRuleRow {
  @PrimaryColumn('text') id: string
  @Column('simple-json') body: unknown
}

@Entity('setting')
export class SettingRow {
  @PrimaryColumn('text') key: string
  @Column('text') value: string
}

export const ENTITIES = [
  VehicleRow,
  ModelRow,
  UnitRow,
  FamilyRow,
  ChildRow,
  FittingRow,
  EntryRow,
  FaultRow,
  StageTimeRow,
  DueRow,
  DueWaitingRow,
  DemoRecordRow,
  RecheckRow,
  JobRow,
  JobEntryRow,
  VisitRow,
  RideRow,
  RideFittingRow,
  ErasedRow,
  PracticeRow,
  LocalRuleRow,
  SettingRow,
  ...PEOPLE_ENTITIES,
]
