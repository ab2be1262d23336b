import type { MigrationInterface, QueryRunner } from 'typeorm'

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
