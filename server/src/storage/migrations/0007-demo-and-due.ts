import type { MigrationInterface, QueryRunner } from 'typeorm'

/**
 * Records that the demo brought are known as such, so that they go in one press;
 * of a catalogue entry, as it was brought: one that somebody has changed since is
 * theirs. And of which signed fittings nobody has asked yet what is due; and the
 * fittings in which a check failed are found by the check.
 */
export class DemoAndDue1790000000007 implements MigrationInterface {
  name = 'DemoAndDue1790000000007'

  async up(q: QueryRunner): Promise<void> {
    await q.query(
      `CREATE TABLE "demo_record" ("kind" text NOT NULL, "id" text NOT NULL, "seen" text, PRIMARY KEY ("kind", "id")) WITHOUT ROWID`,
    )
    await q.query(`CREATE INDEX "fitting_fault_rule" ON "fitting_fault" ("ruleId", "fittingId")`)
    await q.query(
      `CREATE TABLE "due_waiting" ("fittingId" text PRIMARY KEY NOT NULL REFERENCES "fitting" ("id") ON DELETE CASCADE) WITHOUT ROWID`,
    )
  }

  async down(q: QueryRunner): Promise<void> {
    await q.query(`DROP INDEX "fitting_fault_rule"`)
    await q.query(`DROP TABLE "due_waiting"`)
    await q.query(`DROP TABLE "demo_record"`)
  }
}
