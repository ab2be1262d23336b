import type { MigrationInterface, QueryRunner } from 'typeorm'

/**
 * Fittings of one car that travel at once are a ride: which they are, who rides
 * along, in which order. A ride goes with the last of its fittings. Cases of
 * version 2 are cases of version 3 that have no ride: they get its number, and
 * nothing in them is judged anew.
 */
export class Rides1790000000009 implements MigrationInterface {
  name = 'Rides1790000000009'

  async up(q: QueryRunner): Promise<void> {
    await q.query(
      `CREATE TABLE "ride" ("id" text PRIMARY KEY NOT NULL, "createdAt" text NOT NULL, "body" text NOT NULL)`,
    )
    await q.query(
      `CREATE TABLE "ride_fitting" ("fittingId" text PRIMARY KEY NOT NULL REFERENCES "fitting" ("id") ON DELETE CASCADE, "rideId" text NOT NULL REFERENCES "ride" ("id") ON DELETE CASCADE) WITHOUT ROWID`,
    )
    await q.query(`CREATE INDEX "ride_fitting_ride" ON "ride_fitting" ("rideId")`)
    await q.query(
      `CREATE TRIGGER "ride_goes_with_its_last" AFTER DELETE ON "ride_fitting" BEGIN
        DELETE FROM "ride" WHERE "id" = OLD."rideId" AND NOT EXISTS (SELECT 1 FROM "ride_fitting" WHERE "rideId" = OLD."rideId");
      END`,
    )
    await renumber(q, 2, 3)
  }

  async down(q: QueryRunner): Promise<void> {
    await q.query(`DROP TRIGGER "ride_goes_with_its_last"`)
    await q.query(`DROP TABLE "ride_fitting"`)
    await q.query(`DROP TABLE "ride"`)
    for (const column of ['initial', 'current'])
      await q.query(`UPDATE "fitting" SET "${column}" = json_remove("${column}", '$.ride') WHERE json_extract("${column}", '$.ride') IS NOT NULL`) // prettier-ignore
    await renumber(q, 3, 2)
  }
}

async function renumber(q: QueryRunner, from: number, to: number): Promise<void> {
  for (const column of ['initial', 'current'])
    await q.query(
      `UPDATE "fitting" SET "${column}" = json_set("${column}", '$.version', ${to}) WHERE json_extract("${column}", '$.version') = ${from}`,
    )
}
