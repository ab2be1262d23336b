import type { MigrationInterface, QueryRunner } from 'typeorm'

/**
 * People, what they sign in by, and the devices they do it on; who entered what,
 * by id beside the name; an append-only audit without personal data of families;
 * and of what was erased every id, so that an older copy can be freed of it.
 */
export class People1790000000008 implements MigrationInterface {
  name = 'People1790000000008'

  async up(q: QueryRunner): Promise<void> {
    await q.query(
      `CREATE TABLE "person" ("id" text PRIMARY KEY NOT NULL, "name" text NOT NULL, "role" text NOT NULL, "isActive" boolean NOT NULL, "password" text NOT NULL, "pin" text, "createdAt" text NOT NULL, "seenAt" text)`,
    )
    await q.query(`CREATE UNIQUE INDEX "person_name" ON "person" ("name" COLLATE NOCASE)`)
    await q.query(
      `CREATE TABLE "passkey" ("id" text PRIMARY KEY NOT NULL, "personId" text NOT NULL REFERENCES "person" ("id") ON DELETE CASCADE, "publicKey" text NOT NULL, "counter" integer NOT NULL, "transports" text NOT NULL, "label" text NOT NULL, "createdAt" text NOT NULL, "usedAt" text)`,
    )
    await q.query(
      `CREATE TABLE "recovery_code" ("personId" text NOT NULL REFERENCES "person" ("id") ON DELETE CASCADE, "hash" text NOT NULL, PRIMARY KEY ("personId", "hash")) WITHOUT ROWID`,
    )
    await q.query(
      `CREATE TABLE "device" ("id" text PRIMARY KEY NOT NULL, "label" text NOT NULL, "tokenHash" text NOT NULL, "createdAt" text NOT NULL, "seenAt" text NOT NULL, "personId" text, "isLocked" boolean NOT NULL)`,
    )
    await q.query(`CREATE UNIQUE INDEX "device_token" ON "device" ("tokenHash")`)
    await q.query(
      `CREATE TABLE "sign_in" ("deviceId" text NOT NULL REFERENCES "device" ("id") ON DELETE CASCADE, "personId" text NOT NULL REFERENCES "person" ("id") ON DELETE CASCADE, "at" text NOT NULL, "wrongPins" integer NOT NULL DEFAULT 0, PRIMARY KEY ("deviceId", "personId")) WITHOUT ROWID`,
    )
    await q.query(
      `CREATE TABLE "audit" ("number" integer PRIMARY KEY AUTOINCREMENT NOT NULL, "at" text NOT NULL, "personId" text, "who" text NOT NULL, "what" text NOT NULL)`,
    )
    for (const act of ['UPDATE', 'DELETE'])
      await q.query(
        `CREATE TRIGGER "audit_no_${act.toLowerCase()}" BEFORE ${act} ON "audit" BEGIN SELECT RAISE(ABORT, 'the audit is append-only'); END`,
      )
    await q.query(
      `CREATE TABLE "erased_record" ("kind" text NOT NULL, "id" text NOT NULL, PRIMARY KEY ("kind", "id")) WITHOUT ROWID`,
    )
    await q.query(`ALTER TABLE "fitting_entry" ADD COLUMN "personId" text`)
    await q.query(`ALTER TABLE "job_entry" ADD COLUMN "personId" text`)
    await q.query(`ALTER TABLE "fitting" ADD COLUMN "holderId" text`)
    // When it was signed, beside the document: which fitting of a child is the newest is asked of all of them.
    await q.query(`ALTER TABLE "fitting" ADD COLUMN "signedAt" text`)
    await q.query(`UPDATE "fitting" SET "signedAt" = json_extract("current", '$.handover.signedAt')`)
    await q.query(`CREATE INDEX "fitting_newest" ON "fitting" ("childId", "status", "signedAt", "number")`)
  }

  async down(q: QueryRunner): Promise<void> {
    await q.query(`DROP INDEX "fitting_newest"`)
    await q.query(`ALTER TABLE "fitting" DROP COLUMN "signedAt"`)
    await q.query(`ALTER TABLE "fitting" DROP COLUMN "holderId"`)
    await q.query(`ALTER TABLE "job_entry" DROP COLUMN "personId"`)
    await q.query(`ALTER TABLE "fitting_entry" DROP COLUMN "personId"`)
    for (const table of ['erased_record', 'audit', 'sign_in', 'device', 'recovery_code', 'passkey', 'person'])
      await q.query(`DROP TABLE "${table}"`)
  }
}
