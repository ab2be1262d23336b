import { Injectable } from '@nestjs/common'
import type { LogbookCharts, LogbookPage, LogbookRow, Share } from '@nimble-anchor/core/formats'
import type { Stage } from '@nimble-anchor/core/verdict'
import { SUMMARY_COLUMNS, toSummary } from '../fittings/fitting-views'
import { standingRuleSql } from '../rules/standing-rule.sql'
import { Database } from '../storage/database'
import { matchText, rulesCalled, wordsOf } from './words'

export interface LogbookQuery {
  readonly q?: string | undefined
  readonly status?: string | undefined
  readonly verdict?: string | undefined
  readonly route?: string | undefined
  readonly modelId?: string | undefined
  readonly vehicleId?: string | undefined
  readonly unitId?: string | undefined
  readonly from?: string | undefined
  readonly to?: string | undefined
  readonly withFaults?: boolean | undefined
  /** A rule that refused it on the way. */
  readonly fault?: string | undefined
}

interface Where {
  readonly sql: string
  readonly values: readonly (string | number)[]
  /** The words looked for, where nothing else is asked. */
  readonly onlyMatch: string | undefined
}

const MATCHING = `SELECT rowid FROM "fitting_search" WHERE "fitting_search" MATCH ?`

function whereOf(query: LogbookQuery): Where {
  const parts: string[] = []
  const values: (string | number)[] = []
  const add = (sql: string, value: string | number | undefined): void => {
    if (value === undefined) return
    parts.push(sql)
    values.push(value)
  }
  const words = wordsOf(query.q ?? '')
  const byCheck = words.map((word) => ({ word, rules: rulesCalled(word) }))
  // A word may be the name of a check that failed: then either finds the fitting.
  const match = words.length === 0 ? undefined : matchText(query.q ?? '')
  if (byCheck.every(({ rules }) => rules.length === 0)) add(`f."number" IN (${MATCHING})`, match)
  else
    for (const { word, rules } of byCheck) {
      const named = rules.map(() => '?').join(', ')
      parts.push(
        rules.length === 0
          ? `f."number" IN (${MATCHING})`
          : `f."number" IN (${MATCHING} UNION SELECT g."number" FROM "fitting_fault" x JOIN "fitting" g ON g."id" = x."fittingId" WHERE x."ruleId" IN (${named}))`,
      )
      values.push(matchText(word), ...rules)
    }
  add(`f."status" = ?`, query.status)
  add(`f."verdict" = ?`, query.verdict)
  add(`f."routeKind" = ?`, query.route)
  add(`f."modelId" = ?`, query.modelId)
  add(`f."vehicleId" = ?`, query.vehicleId)
  if (query.unitId !== undefined) {
    // A recall may name the base alone.
    parts.push(`(f."unitId" = ? OR json_extract(f."current", '$.choice.baseUnitId') = ?)`)
    values.push(query.unitId, query.unitId)
  }
  add(`f."createdAt" >= ?`, query.from)
  // A day holds all of its hours.
  add(`f."createdAt" < ?`, query.to === undefined ? undefined : `${query.to}T24`)
  if (query.withFaults) parts.push(`EXISTS (SELECT 1 FROM "fitting_fault" x WHERE x."fittingId" = f."id")`)
  if (query.fault !== undefined) {
    // Asked by the name that stands now; kept under every name that it had.
    parts.push(`f."id" IN (SELECT x."fittingId" FROM "fitting_fault" x WHERE ${standingRuleSql('x."ruleId"')} = ?)`)
    values.push(query.fault)
  }
  const onlyMatch = parts.length === 1 && parts[0] === `f."number" IN (${MATCHING})` ? match : undefined
  return { sql: parts.length === 0 ? '1' : parts.join(' AND '), values, onlyMatch }
}

const ROW_COLUMNS = [...SUMMARY_COLUMNS, 'routeKind', 'fitter'].map((c) => `f."${c}"`).join(', ')
const RULE = standingRuleSql('x."ruleId"')
const FAULTS = `(SELECT group_concat(DISTINCT ${RULE}) FROM "fitting_fault" x WHERE x."fittingId" = f."id") AS "faults"`

/** Every fitting there ever was: found again, counted, exported. */
@Injectable()
export class LogbookService {
  constructor(private readonly db: Database) {}

  /** Newest first, by the running number. */
  async page(query: LogbookQuery, offset: number, limit: number): Promise<LogbookPage> {
    const where = whereOf(query)
    const counting = where.onlyMatch === undefined ? `"fitting" f WHERE ${where.sql}` : `(${MATCHING})`
    const [count] = (await this.db.read.query(`SELECT count(*) AS "n" FROM ${counting}`, [...where.values])) as [{ n: number }] // prettier-ignore
    return { total: count.n, rows: await this.rows(where, offset, limit) }
  }

  private async rows(where: Where, offset: number, limit: number): Promise<readonly LogbookRow[]> {
    const part = 'LIMIT ? OFFSET ?'
    // Words alone: the index knows the newest that match without looking at a fitting.
    const chosen =
      where.onlyMatch === undefined
        ? `${where.sql} ORDER BY f."number" DESC ${part}`
        : `f."number" IN (${MATCHING} ORDER BY rowid DESC ${part}) ORDER BY f."number" DESC`
    const rows = (await this.db.read.query(`SELECT ${ROW_COLUMNS}, ${FAULTS} FROM "fitting" f WHERE ${chosen}`, [
      ...where.values,
      limit,
      offset,
    ])) as (Omit<LogbookRow, 'faults'> & { faults: string | null })[]
    return rows.map((r) => ({ ...toSummary(r), faults: r.faults?.split(',') ?? [] }))
  }

  /** All that the query finds, a thousand at a time, so that no export holds the whole book in memory. */
  async *all(query: LogbookQuery): AsyncGenerator<LogbookRow> {
    const where = whereOf(query)
    const PART = 1000
    for (let offset = 0; ; offset += PART) {
      const rows = await this.rows(where, offset, PART)
      yield* rows
      if (rows.length < PART) return
    }
  }

  async charts(query: LogbookQuery): Promise<LogbookCharts> {
    const { sql, values } = whereOf(query)
    const ask = <T>(text: string): Promise<T[]> => this.db.read.query(text, [...values]) as Promise<T[]>
    const [totals] = await ask<{ n: number; arrived: number }>(`SELECT count(*) AS "n", coalesce(sum(f."arrivedInstalled"), 0) AS "arrived" FROM "fitting" f WHERE ${sql}`) // prettier-ignore
    const total = totals?.n ?? 0
    const arrived = totals?.arrived ?? 0
    const byRule = (onArrival: boolean) =>
      ask<{ key: string; count: number }>(
        `SELECT ${RULE} AS "key", count(DISTINCT x."fittingId") AS "count" FROM "fitting_fault" x JOIN "fitting" f ON f."id" = x."fittingId" WHERE ${sql}${onArrival ? ` AND x."onArrival" = 1` : ''} GROUP BY 1 ORDER BY 2 DESC, 1 LIMIT 20`,
      )
    const groupedBy = (column: 'routeKind' | 'restraintName') =>
      ask<Share>(
        `SELECT f."${column}" AS "key", sum(EXISTS (SELECT 1 FROM "fitting_fault" x WHERE x."fittingId" = f."id")) AS "count", count(*) AS "of" FROM "fitting" f WHERE ${sql} AND f."${column}" IS NOT NULL GROUP BY f."${column}" ORDER BY 2 DESC, 3 DESC, 1 LIMIT 12`,
      )
    const oftenestBy = (column: 'routeKind' | 'restraintName') =>
      ask<LogbookCharts['oftenestByRoute'][number]>(
        `WITH "found" AS MATERIALIZED (SELECT f."id", f."${column}" AS "key" FROM "fitting" f WHERE ${sql} AND f."${column}" IS NOT NULL),
          "size" AS (SELECT "key", count(*) AS "of" FROM "found" GROUP BY 1),
          "failed" AS (SELECT o."key", ${RULE} AS "ruleId", count(DISTINCT o."id") AS "count" FROM "found" o JOIN "fitting_fault" x ON x."fittingId" = o."id" GROUP BY 1, 2),
          "ranked" AS (SELECT *, row_number() OVER (PARTITION BY "key" ORDER BY "count" DESC, "ruleId") AS "i" FROM "failed")
        SELECT r."key", r."ruleId", r."count", s."of" FROM "ranked" r JOIN "size" s USING ("key") WHERE r."i" = 1 ORDER BY r."count" DESC, 1 LIMIT 12`,
      )
    const [withFault] = await ask<{ n: number }>(`SELECT count(*) AS "n" FROM "fitting" f WHERE ${sql} AND EXISTS (SELECT 1 FROM "fitting_fault" x WHERE x."fittingId" = f."id" AND x."onArrival" = 1)`) // prettier-ignore
    // A week begins on its Monday.
    const weeks = await ask<LogbookCharts['weeks'][number]>(
      `SELECT date(f."createdAt", '-6 days', 'weekday 1') AS "week", count(*) AS "fittings", sum(EXISTS (SELECT 1 FROM "fitting_fault" x WHERE x."fittingId" = f."id")) AS "withFault"
        FROM "fitting" f WHERE ${sql} GROUP BY 1 ORDER BY 1 DESC LIMIT 53`,
    )
    const of = (rows: readonly { key: string; count: number }[], all: number): Share[] => rows.map((r) => ({ ...r, of: all })) // prettier-ignore
    return {
      fittings: total,
      failing: of(await byRule(false), total),
      byRoute: await groupedBy('routeKind'),
      byRestraint: await groupedBy('restraintName'),
      oftenestByRoute: await oftenestBy('routeKind'),
      oftenestByRestraint: await oftenestBy('restraintName'),
      weeks: weeks.toReversed(),
      minutes: await this.minutes(sql, values),
      onArrival: { fittings: arrived, withFault: withFault?.n ?? 0, faults: of(await byRule(true), arrived) },
    }
  }

  /** The median: one fitting that was left open over lunch says nothing of the others. */
  private async minutes(sql: string, values: Where['values']): Promise<LogbookCharts['minutes']> {
    const rows = (await this.db.read.query(
      `SELECT "stage", avg("seconds") / 60.0 AS "median", max("n") AS "fittings" FROM (
        SELECT s."stage", s."seconds", row_number() OVER (PARTITION BY s."stage" ORDER BY s."seconds") AS "i", count(*) OVER (PARTITION BY s."stage") AS "n"
        FROM "fitting_stage" s JOIN "fitting" f ON f."id" = s."fittingId" WHERE ${sql}
      ) WHERE "i" IN (("n" + 1) / 2, ("n" + 2) / 2) GROUP BY "stage"`,
      [...values],
    )) as { stage: Stage; median: number; fittings: number }[]
    return rows.map((r) => ({ ...r, median: Math.round(r.median * 10) / 10 }))
  }
}
