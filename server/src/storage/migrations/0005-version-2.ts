import { caseSchema, upgradeCase, upgradeModel, upgradePractice } from '@nimble-anchor/core/casefile'
import { parseWith } from '@nimble-anchor/core/ground'
import type { MigrationInterface, QueryRunner } from 'typeorm'
import { judge } from '../../fittings/fitting-views'

type Row = Readonly<Record<string, string>>
type Document = Readonly<Record<string, unknown>>

/**
 * Cases, models and profiles of version 1 in the words of version 2. What was
 * never stated is unknown from here on, so open fittings are judged anew; a
 * signed one keeps the verdict that it was signed with. The history stays as it
 * was written: it is read through `upgradeChanges`.
 */
export class Version21790000000005 implements MigrationInterface {
  name = 'Version21790000000005'

  async up(q: QueryRunner): Promise<void> {
    await rewrite(q, 'restraint_model', 'body', upgradeModel)
    await rewrite(q, 'practice_profile', 'body', upgradePractice)
    await rewrite(q, 'fitting', 'initial', upgradeCase)
    await rewrite(q, 'fitting', 'current', upgradeCase)
    const open = (await q.query(`SELECT "id", "current" FROM "fitting" WHERE "status" = 'open'`)) as Row[]
    for (const { id, current } of open) {
      const parsed = parseWith(caseSchema, JSON.parse(current ?? 'null'))
      // One that no longer opens by today's rules keeps its row; the next entry says what is wrong with it.
      if (!parsed.ok) continue
      const { verdict, headline, stage } = judge(parsed.value).columns
      await q.query(`UPDATE "fitting" SET "verdict" = ?, "headline" = ?, "stage" = ? WHERE "id" = ?`, [verdict, headline, stage, id])
    }
  }

  /** Back under its old number, and what changed its name under the old one; what version 1 has no words for stays. */
  async down(q: QueryRunner): Promise<void> {
    await rewrite(q, 'practice_profile', 'body', ({ knees: _knees, ...profile }) => profile)
    const asBefore = ({ readings, practice, ...c }: Document): Document => {
      const { knees: _knees, ...profile } = (practice ?? {}) as Document
      const { 'gap-behind': behind, 'gap-under': under, ...others } = (readings ?? {}) as Document
      return { ...c, version: 1, practice: profile, readings: { ...others, ...((behind ?? under) !== undefined && { 'base-gap': behind ?? under }) } }
    }
    await rewrite(q, 'fitting', 'initial', asBefore)
    await rewrite(q, 'fitting', 'current', asBefore)
  }
} // prettier-ignore

async function rewrite(
  q: QueryRunner,
  table: string,
  column: string,
  upgrade: (x: Document) => unknown,
): Promise<void> {
  const rows = (await q.query(`SELECT "id", "${column}" FROM "${table}"`)) as Row[]
  for (const row of rows) {
    const before = row[column] ?? 'null'
    const after = JSON.stringify(upgrade(JSON.parse(before) as Document))
    if (after !== before) await q.query(`UPDATE "${table}" SET "${column}" = ? WHERE "id" = ?`, [after, row.id])
  }
}
