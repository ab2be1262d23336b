import type { MigrationInterface, QueryRunner } from 'typeorm'

/**
 * Every entry has an id of its own, so that one sent again after a lost answer
 * is known; a case file that came in signed is a record of elsewhere; of an
 * erased fitting its number alone stays, so that other devices let go of it too.
 */
export class EntriesAndElsewhere1790000000006 implements MigrationInterface {
  name = 'EntriesAndElsewhere1790000000006'

  async up(q: QueryRunner): Promise<void> {
    await q.query(`ALTER TABLE "fitting_entry" ADD COLUMN "entryId" text`)
    await q.query(`CREATE UNIQUE INDEX "fitting_entry_id" ON "fitting_entry" ("fittingId", "entryId")`)
    await q.query(`CREATE TABLE "erased" ("fittingId" text PRIMARY KEY NOT NULL) WITHOUT ROWID`)
    await q.query(`ALTER TABLE "fitting" ADD COLUMN "elsewhere" boolean NOT NULL DEFAULT 0`)
    await q.query(
      `UPDATE "fitting" SET "elsewhere" = 1 WHERE "status" = 'signed' AND json_extract("initial", '$.handover') IS NOT NULL`,
    )
  }

  async down(q: QueryRunner): Promise<void> {
    await q.query(`DROP TABLE "erased"`)
    await q.query(`ALTER TABLE "fitting" DROP COLUMN "elsewhere"`)
    await q.query(`DROP INDEX "fitting_entry_id"`)
    await q.query(`ALTER TABLE "fitting_entry" DROP COLUMN "entryId"`)
  }
}
