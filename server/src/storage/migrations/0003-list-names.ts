import type { MigrationInterface, QueryRunner } from 'typeorm'

type Row = Readonly<Record<string, string>>
interface Named {
  readonly name?: string
  readonly familyName?: string
  readonly maker?: string
  readonly id?: string
}
interface FirstCase {
  readonly child: Named
  readonly vehicle?: Named
  readonly choice?: { readonly modelId?: string }
  readonly restraints?: readonly Named[]
}

/**
 * The first program made its fittings without the names that lists show; the
 * first migration was changed after it instead of being followed by another.
 * Here those databases catch up; in all others there is nothing to do.
 */
export class ListNames1790000000003 implements MigrationInterface {
  name = 'ListNames1790000000003'

  async up(q: QueryRunner): Promise<void> {
    const columns = (await q.query(`PRAGMA table_info("fitting")`)) as Row[]
    if (columns.some((c) => c.name === 'childName')) return
    await q.query(`ALTER TABLE "fitting" ADD COLUMN "childName" text NOT NULL DEFAULT ''`)
    await q.query(`ALTER TABLE "fitting" ADD COLUMN "vehicleName" text`)
    await q.query(`ALTER TABLE "fitting" ADD COLUMN "restraintName" text`)
    for (const { id, current } of (await q.query(`SELECT "id", "current" FROM "fitting"`)) as Row[]) {
      const { child, vehicle, choice, restraints } = JSON.parse(current ?? 'null') as FirstCase
      const model = restraints?.find((m) => m.id === choice?.modelId)
      await q.query(`UPDATE "fitting" SET "childName" = ?, "vehicleName" = ?, "restraintName" = ? WHERE "id" = ?`, [
        [child.name, child.familyName].filter(Boolean).join(' '),
        nameOf(vehicle),
        nameOf(model),
        id,
      ])
    }
  }

  /** The columns belong to the first migration and go with it. */
  async down(): Promise<void> {}
}

const nameOf = (thing: Named | undefined): string | null =>
  [thing?.maker, thing?.name].filter(Boolean).join(' ') || null
