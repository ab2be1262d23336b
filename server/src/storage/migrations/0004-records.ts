import { randomUUID } from 'node:crypto'
import type { MigrationInterface, QueryRunner } from 'typeorm'

interface OldCase {
  readonly vehicle?: { readonly id: string; readonly plate?: string }
  readonly choice: {
    readonly modelId?: string
    readonly modeId?: string
    readonly routeId?: string
    readonly unitId?: string
  }
  readonly restraints: readonly {
    readonly id: string
    readonly modes: readonly { readonly id: string; readonly heldBy: string; readonly routes: readonly OldRoute[] }[]
  }[]
}
interface OldRoute {
  readonly id: string
  readonly isofix?: object
  readonly leg?: object
  readonly lowerTethers?: object
  readonly topTether?: { readonly use: string }
  readonly seatsTaken?: number
}

/** The kind of route as it was told apart on the day of this migration; core may tell more kinds apart later. */
function routeKind(c: OldCase): string | null {
  const mode = c.restraints.find((m) => m.id === c.choice.modelId)?.modes.find((m) => m.id === c.choice.modeId)
  const route = mode?.routes.find((r) => r.id === c.choice.routeId)
  if (!mode || !route) return null
  if (mode.heldBy === 'vehicle-belt') return route.isofix ? 'booster-isofix' : 'booster'
  if (route.seatsTaken === 2) return 'two-places'
  const hasTether = route.topTether?.use === 'required'
  if (route.isofix) return route.leg ? 'isofix-leg' : hasTether ? 'isofix-tether' : 'isofix-other'
  return route.leg || route.lowerTethers || hasTether ? 'belt-anchored' : 'belt'
}

/** Families, the bay's day, jobs, what is due, and what the logbook searches and counts. */
export class Records1790000000004 implements MigrationInterface {
  name = 'Records1790000000004'

  async up(q: QueryRunner): Promise<void> {
    await q.query(`CREATE TABLE "family" ("id" text PRIMARY KEY NOT NULL, "name" text NOT NULL, "note" text NOT NULL)`)
    await q.query(`ALTER TABLE "child" ADD COLUMN "familyId" text REFERENCES "family" ("id") ON DELETE CASCADE`)
    await this.familiesOfNames(q)
    await q.query(`CREATE INDEX "child_family" ON "child" ("familyId")`)

    for (const column of ['number" integer', 'stage" text', 'arrivedInstalled" boolean NOT NULL DEFAULT 0', 'vehicleId" text', 'modelId" text', 'unitId" text', 'routeKind" text', 'fitter" text'])
      await q.query(`ALTER TABLE "fitting" ADD COLUMN "${column}`) // prettier-ignore
    await q.query(
      `CREATE VIRTUAL TABLE "fitting_search" USING fts5(text, content='', contentless_delete=1, prefix='2 3', tokenize='unicode61 remove_diacritics 2')`,
    )
    await this.oldFittings(q)
    await q.query(`CREATE UNIQUE INDEX "fitting_number" ON "fitting" ("number")`)
    await q.query(`CREATE INDEX "fitting_unit" ON "fitting" ("unitId", "status")`)
    await q.query(
      `CREATE TRIGGER "fitting_leaves_search" AFTER DELETE ON "fitting" BEGIN DELETE FROM "fitting_search" WHERE rowid = old."number"; END`,
    )

    const ofFitting = `"fittingId" text NOT NULL REFERENCES "fitting" ("id") ON DELETE CASCADE`
    await q.query(
      `CREATE TABLE "fitting_fault" (${ofFitting}, "ruleId" text NOT NULL, "at" text NOT NULL, "onArrival" boolean NOT NULL, PRIMARY KEY ("fittingId", "ruleId")) WITHOUT ROWID`,
    )
    await q.query(
      `CREATE TABLE "fitting_stage" (${ofFitting}, "stage" text NOT NULL, "seconds" integer NOT NULL, PRIMARY KEY ("fittingId", "stage")) WITHOUT ROWID`,
    )
    await q.query(
      `CREATE TABLE "due" (${ofFitting}, "itemId" text NOT NULL, "early" text NOT NULL, "item" text NOT NULL, PRIMARY KEY ("fittingId", "itemId"))`,
    )
    await q.query(`CREATE INDEX "due_early" ON "due" ("early")`)
    await q.query(
      `CREATE TABLE "recheck" ("id" text PRIMARY KEY NOT NULL, ${ofFitting}, "at" text NOT NULL, "who" text NOT NULL, "kind" text NOT NULL, "items" text NOT NULL, "answers" text NOT NULL)`,
    )
    await q.query(`CREATE INDEX "recheck_fitting" ON "recheck" ("fittingId", "at")`)
    await q.query(
      `CREATE TABLE "job" ("id" text PRIMARY KEY NOT NULL, "unitId" text NOT NULL, "unitName" text NOT NULL, "fittingId" text REFERENCES "fitting" ("id") ON DELETE SET NULL, "kind" text NOT NULL, "plan" text NOT NULL, "record" text NOT NULL, "state" text NOT NULL, "startedAt" text NOT NULL, "endedAt" text)`,
    )
    await q.query(`CREATE INDEX "job_unit" ON "job" ("unitId", "state")`)
    await q.query(
      `CREATE TABLE "job_entry" ("jobId" text NOT NULL REFERENCES "job" ("id") ON DELETE CASCADE, "sequence" integer NOT NULL, "at" text NOT NULL, "who" text NOT NULL, "what" text NOT NULL, PRIMARY KEY ("jobId", "sequence"))`,
    )
    for (const table of ['recheck', 'job_entry']) {
      await q.query(
        `CREATE TRIGGER "${table}_is_append_only" BEFORE UPDATE ON "${table}" BEGIN SELECT RAISE(ABORT, 'kept as it was entered'); END`,
      )
    }
    await q.query(
      `CREATE TABLE "visit" ("id" text PRIMARY KEY NOT NULL, "day" text NOT NULL, "time" text NOT NULL, "who" text NOT NULL, "note" text NOT NULL, "isWalkIn" boolean NOT NULL, "state" text NOT NULL, "childId" text REFERENCES "child" ("id") ON DELETE CASCADE, "vehicleId" text REFERENCES "vehicle" ("id") ON DELETE SET NULL, "fittingId" text REFERENCES "fitting" ("id") ON DELETE SET NULL)`,
    )
    await q.query(`CREATE INDEX "visit_day" ON "visit" ("day", "time")`)
  }

  /** Children of one family name are taken for one family; who is not is moved by hand. */
  private async familiesOfNames(q: QueryRunner): Promise<void> {
    const children = (await q.query(`SELECT "id", "body" FROM "child"`)) as { id: string; body: string }[]
    const families = new Map<string, string>()
    for (const { id, body } of children) {
      const { name, familyName } = JSON.parse(body) as { name: string; familyName?: string }
      const key = familyName ?? `only:${id}`
      const familyId = families.get(key) ?? randomUUID()
      if (!families.has(key)) {
        families.set(key, familyId)
        await q.query(`INSERT INTO "family" VALUES (?, ?, '')`, [familyId, familyName ?? name])
      }
      await q.query(`UPDATE "child" SET "familyId" = ? WHERE "id" = ?`, [familyId, id])
    }
  }

  private async oldFittings(q: QueryRunner): Promise<void> {
    const rows = (await q.query(
      `SELECT "id", "current", "status", "childName", "vehicleName", "restraintName" FROM "fitting" ORDER BY "createdAt", "id"`,
    )) as Record<'id' | 'current' | 'status' | 'childName' | 'vehicleName' | 'restraintName', string>[]
    for (const [i, row] of rows.entries()) {
      const c = JSON.parse(row.current) as OldCase
      await q.query(
        `UPDATE "fitting" SET "number" = ?, "stage" = ?, "vehicleId" = ?, "modelId" = ?, "unitId" = ?, "routeKind" = ?, "fitter" = (SELECT "who" FROM "fitting_entry" e WHERE e."fittingId" = "fitting"."id" ORDER BY "sequence" DESC LIMIT 1) WHERE "id" = ?`,
        [i + 1, row.status === 'signed' ? 'hand-over' : '', c.vehicle?.id ?? null, c.choice.modelId ?? null, c.choice.unitId ?? null, routeKind(c), row.id],
      ) // prettier-ignore
      const text = [row.childName, row.vehicleName, c.vehicle?.plate, row.restraintName].filter(Boolean).join(' ')
      await q.query(`INSERT INTO "fitting_search" (rowid, text) VALUES (?, ?)`, [i + 1, text])
    }
  }

  async down(q: QueryRunner): Promise<void> {
    for (const name of ['recheck_is_append_only', 'job_entry_is_append_only', 'fitting_leaves_search'])
      await q.query(`DROP TRIGGER "${name}"`)
    for (const table of ['visit', 'job_entry', 'job', 'recheck', 'due', 'fitting_stage', 'fitting_fault', 'fitting_search'])
      await q.query(`DROP TABLE "${table}"`) // prettier-ignore
    for (const index of ['fitting_unit', 'fitting_number', 'child_family']) await q.query(`DROP INDEX "${index}"`)
    for (const column of ['fitter', 'routeKind', 'unitId', 'modelId', 'vehicleId', 'arrivedInstalled', 'stage', 'number'])
      await q.query(`ALTER TABLE "fitting" DROP COLUMN "${column}"`) // prettier-ignore
    await q.query(`ALTER TABLE "child" DROP COLUMN "familyId"`)
    await q.query(`DROP TABLE "family"`)
  }
}
