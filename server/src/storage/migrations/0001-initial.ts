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
