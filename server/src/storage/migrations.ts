import { Records1790000000004 } from './migration-records'
import { Version21790000000005 } from './migration-version-2'
import type { MigrationInterface, QueryRunner } from 'typeorm'

export class Initial1790000000001 implements MigrationInterface {
  name = 'Initial1790000000001'

  async up(q: QueryRunner): Promise<void> {
    await q.query(`CREATE TABLE "vehicle" ("id" text PRIMARY KEY NOT NULL, "body" text NOT NULL)`)
    await q.query(`CREATE TABLE "restraint_model" ("id" text PRIMARY KEY NOT NULL, "body" text NOT NULL)`)
    await q.query(
      `CREATE TABLE "restraint_unit" ("id" text PRIMARY KEY NOT NULL, "modelId" text NOT NULL REFERENCES "restraint_model" ("id") ON DELETE RESTRICT, "body" text NOT NULL)`,
    )
    await q.query(`CREATE TABLE "child" ("id" text PRIMARY KEY NOT NULL, "body" text NOT NULL)`)
    await q.query(
      `CREATE TABLE "fitting" ("id" text PRIMARY KEY NOT NULL, "childId" text NOT NULL REFERENCES "child" ("id") ON DELETE CASCADE, "createdAt" text NOT NULL, "updatedAt" text NOT NULL, "status" text NOT NULL CHECK ("status" IN ('open', 'signed')), "sequence" integer NOT NULL, "verdict" text NOT NULL, "headline" text NOT NULL, "childName" text NOT NULL, "vehicleName" text, "restraintName" text, "initial" text NOT NULL, "current" text NOT NULL)`,
    )
    await q.query(`CREATE INDEX "fitting_status" ON "fitting" ("status", "updatedAt")`)
    await q.query(`CREATE INDEX "fitting_child" ON "fitting" ("childId")`)
    await q.query(
      `CREATE TABLE "fitting_entry" ("fittingId" text NOT NULL REFERENCES "fitting" ("id") ON DELETE CASCADE, "sequence" integer NOT NULL, "at" text NOT NULL, "who" text NOT NULL, "changes" text NOT NULL, "undoes" integer, PRIMARY KEY ("fittingId", "sequence"))`,
    )
    await q.query(
      `CREATE TRIGGER "fitting_entry_is_append_only" BEFORE UPDATE ON "fitting_entry" BEGIN SELECT RAISE(ABORT, 'the history of a fitting is append-only'); END`,
    )
  }

  async down(q: QueryRunner): Promise<void> {
    await q.query(`DROP TRIGGER "fitting_entry_is_append_only"`)
    for (const table of ['fitting_entry', 'fitting', 'child', 'restraint_unit', 'restraint_model', 'vehicle']) {
      await q.query(`DROP TABLE "${table}"`)
    }
  }
}

/** Shipped with the program on the day of this migration; whatever core says later, these rows stay as they were. */
const FIRST_PROFILE = {
  id: 'rearward-longest',
  name: 'Rearward longest',
  slack: 'one-finger',
  turningForward: 'as-late-as-allowed',
  boosterFrom: 'harness-to-its-limit',
  steadiness: 'within-25-mm',
  vehicleHeadRestraint: 'off-where-it-fouls',
  baseGap: 'none',
  olderRearwardRecline: 'upright-as-comfort-allows',
  infantHead: 'edge-flush',
  insertOut: 'at-makers-limit',
  frontSeatGap: 'as-maker-says',
}
const LEGAL_MINIMUM = {
  ...FIRST_PROFILE,
  id: 'legal-minimum',
  name: 'Legal minimum',
  turningForward: 'legal-minimum',
  boosterFrom: 'legal-minimum',
}
const FIRST_LOCAL_RULES = [
  { id: 'to-135-or-12', name: 'Until 135 cm or 12 years', untilStatureCm: 135, untilAgeYears: 12 },
  { id: 'to-150-or-12', name: 'Until 150 cm or 12 years', untilStatureCm: 150, untilAgeYears: 12 },
  { id: 'to-150-or-36-kg', name: 'Until 150 cm or 36 kg', untilStatureCm: 150, untilMassKg: 36 },
]

export class PracticeAndDeciding1790000000002 implements MigrationInterface {
  name = 'PracticeAndDeciding1790000000002'

  async up(q: QueryRunner): Promise<void> {
    await q.query(`ALTER TABLE "fitting_entry" ADD COLUMN "decidedBy" text`)
    await q.query(`CREATE INDEX "fitting_entry_decided" ON "fitting_entry" ("decidedBy", "fittingId")`)
    // The newest fittings are listed without reading all the others.
    await q.query(`CREATE INDEX "fitting_updated" ON "fitting" ("updatedAt")`)
    await q.query(`CREATE TABLE "practice_profile" ("id" text PRIMARY KEY NOT NULL, "body" text NOT NULL)`)
    await q.query(`CREATE TABLE "local_rule" ("id" text PRIMARY KEY NOT NULL, "body" text NOT NULL)`)
    await q.query(`CREATE TABLE "setting" ("key" text PRIMARY KEY NOT NULL, "value" text NOT NULL)`)
    for (const profile of [FIRST_PROFILE, LEGAL_MINIMUM]) {
      await q.query(`INSERT INTO "practice_profile" VALUES (?, ?)`, [profile.id, JSON.stringify(profile)])
    }
    for (const rule of FIRST_LOCAL_RULES) {
      await q.query(`INSERT INTO "local_rule" VALUES (?, ?)`, [rule.id, JSON.stringify(rule)])
    }
    await q.query(`INSERT INTO "setting" VALUES ('profileId', ?), ('localRuleId', ?)`, [
      FIRST_PROFILE.id,
      'to-150-or-12',
    ])
  }

  async down(q: QueryRunner): Promise<void> {
    for (const table of ['setting', 'local_rule', 'practice_profile']) await q.query(`DROP TABLE "${table}"`)
    await q.query(`DROP INDEX "fitting_updated"`)
    await q.query(`DROP INDEX "fitting_entry_decided"`)
    await q.query(`ALTER TABLE "fitting_entry" DROP COLUMN "decidedBy"`)
  }
}

/** A signed fitting stays as it is: a correction is a fitting of its own that names it. */
export class Revisions1790000000003 implements MigrationInterface {
  name = 'Revisions1790000000003'

  async up(q: QueryRunner): Promise<void> {
    await q.query(`ALTER TABLE "fitting" ADD COLUMN "revises" text REFERENCES "fitting" ("id") ON DELETE SET NULL`)
    await q.query(`CREATE INDEX "fitting_revises" ON "fitting" ("revises")`)
  }

  async down(q: QueryRunner): Promise<void> {
    await q.query(`DROP INDEX "fitting_revises"`)
    await q.query(`ALTER TABLE "fitting" DROP COLUMN "revises"`)
  }
}

export const MIGRATIONS = [
  Initial1790000000001,
  PracticeAndDeciding1790000000002,
  Revisions1790000000003,
  Records1790000000004,
  Version21790000000005,
]
