import type { Role } from '@nimble-anchor/core/formats'
import { Column, Entity, Index, PrimaryColumn, PrimaryGeneratedColumn } from 'typeorm'

/** People and what they sign in by. Nothing here is about a family. */

@Entity('person')
export class PersonRow {
  @PrimaryColumn('text') id: string
  @Column('text') name: string
  @Column('text') role: Role
  @Column('boolean') isActive: boolean
  /** As `secrets.ts` writes it: method, cost, salt, hash. */
  @Column('text') password: string
  @Column('text', { nullable: true }) pin: string | null
  @Column('text') createdAt: string
  @Column('text', { nullable: true }) seenAt: string | null
}

@Entity('passkey')
export class PasskeyRow {
  @PrimaryColumn('text') id: string
  @Column('text') personId: string
  @Column('text') publicKey: string
  @Column('integer') counter: number
  @Column('simple-json') transports: readonly string[]
  @Column('text') label: string
  @Column('text') createdAt: string
  @Column('text', { nullable: true }) usedAt: string | null
}

/** Printed once; only the hash is kept, and it goes when it is used. */
@Entity('recovery_code')
export class RecoveryCodeRow {
  @PrimaryColumn('text') personId: string
  @PrimaryColumn('text') hash: string
}

/** A browser that somebody has signed in on. */
@Entity('device')
export class DeviceRow {
  @PrimaryColumn('text') id: string
  @Column('text') label: string
  /** Of the secret in its cookie. */
  @Index({ unique: true })
  @Column('text')
  tokenHash: string
  @Column('text') createdAt: string
  @Column('text') seenAt: string
  /** Who sits at it. */
  @Column('text', { nullable: true }) personId: string | null
  @Column('boolean') isLocked: boolean
}

/** Who has signed in on a device, and may come back to it by PIN. */
@Entity('sign_in')
export class SignInRow {
  @PrimaryColumn('text') deviceId: string
  @PrimaryColumn('text') personId: string
  @Column('text', { name: 'at' }) signedInAt: string
  @Column('integer', { default: 0 }) wrongPins: number
}

/** Append-only by trigger, without personal data of families. */
@Entity('audit')
export class AuditEntity {
  @PrimaryGeneratedColumn() number: number
  @Column('text', { name: 'at' }) notedAt: string
  @Column('text', { nullable: true }) personId: string | null
  @Column('text') who: string
  @Column('text') what: string
}

/** The id of a family, a child or a fitting that was erased, and nothing else of it. */
@Entity('erased_record')
class ErasedRecordRow {
  @PrimaryColumn('text') kind: 'family' | 'child' | 'fitting'
  @PrimaryColumn('text') id: string
}

export const PEOPLE_ENTITIES = [
  PersonRow,
  PasskeyRow,
  RecoveryCodeRow,
  DeviceRow,
  SignInRow,
  AuditEntity,
  ErasedRecordRow,
]
