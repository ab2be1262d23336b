import { IsoDate } from '@nimble-anchor/core/ground'
import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { addDays, daysBetween } from '@nimble-anchor/core/quantities'

const ISO_DAY = /^\d{4}-\d{2}-\d{2}$/

/**
 * Moves every day in a document by the same number of days, so that the demo's
 * 16-month-old is 16 months old whenever it is looked at.
 */
export function moveDays(value: unknown, days: number): unknown {
  if (typeof value === 'string') return ISO_DAY.test(value) ? addDays(IsoDate(value), days) : value
  if (Array.isArray(value)) return value.map((item) => moveDays(item, days))
  if (typeof value === 'object' && value !== null) {
    return Object.fromEntries(Object.entries(value).map(([key, item]) => [key, moveDays(item, days)]))
  }
  return value
}

/** The demo files in the order in which they are imported, their days moved up to `today`. */
export function demoDocuments(demoDir: string, today: IsoDate): readonly unknown[] {
  // Restraints before units, cars and families in any order: names sort that way.
  return readdirSync(demoDir)
    .filter((f) => f.endsWith('.json'))
    .toSorted()
    .map((file) => {
      const document = JSON.parse(readFileSync(join(demoDir, file), 'utf8')) as { asOf?: string }
      return document.asOf === undefined ? document : moveDays(document, daysBetween(IsoDate(document.asOf), today))
    })
}

/** The ids of everything in the demo files. */
export const demoIds = (demoDir: string): readonly string[] =>
  demoDocuments(demoDir, IsoDate('2000-01-01')).flatMap((document) =>
    Object.values(document as Record<string, unknown>)
      .filter((list): list is { id: string }[] => Array.isArray(list))
      .flatMap((list) => list.map((item) => item.id)),
  )
