import type { Verdict } from '@nimble-anchor/core'
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm'

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
}

@Entity('fitting')
@Index(['status', 'updatedAt'])
@Index(['updatedAt'])
export class FittingRow {
  @PrimaryColumn('text') id: string
  @ManyToOne(() => ChildRow, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'childId' })
  child?: Relation<ChildRow>
  @Column('text') childId: string
  @Column('text') createdAt: string
  @Column('text') updatedAt: string
  @Column('text') status: 'open' | 'signed'
  /** Number of the newest entry; 0 before the first. */
  @Column('integer') sequence: number
  @Column('text') verdict: Verdict
  @Column('text') headline: string
  /** The signed fitting that this one corrects. */
  @Index()
  @Column('text', { nullable: true })
  revises: string | null
  // What a list shows, so that listing need not read whole cases.
  @Column('text') childName: string
  @Column('text', { nullable: true }) vehicleName: string | null
  @Column('text', { nullable: true }) restraintName: string | null
  /** The case as it was created, from which the history replays. */
  @Column('simple-json', { select: false }) initial: unknown
  @Column('simple-json') current: unknown
}

/** Append-only: a trigger refuses every update. */
@Entity('fitting_entry')
export class EntryRow {
  @PrimaryColumn('text') fittingId: string
  @PrimaryColumn('integer') sequence: number
  @ManyToOne(() => FittingRow, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'fittingId' })
  fitting?: Relation<FittingRow>
  @Column('text') at: string
  @Column('text') who: string
  @Column('simple-json') changes: unknown
  /** The entry that this one takes back. */
  @Column('integer', { nullable: true }) undoes: number | null
  /** The rule that decided after this entry; none where nothing stood in the way. */
  @Column('text', { nullable: true }) decidedBy: string | null
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
  ChildRow,
  FittingRow,
  EntryRow,
  PracticeRow,
  LocalRuleRow,
  SettingRow,
]
