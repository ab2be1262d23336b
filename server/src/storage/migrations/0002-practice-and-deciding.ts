import type { MigrationInterface, QueryRunner } from 'typeorm'

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
