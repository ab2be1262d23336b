import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { addDays, daysBetween } from '@nimble-anchor/core/quantities'
import type { CatalogueService } from './catalogue/catalogue.service'

const ISO_DAY = /^\d{4}-\d{2}-\d{2}$/

/**
 * Moves every day in a document by the same number of days, so that the demo's
 * 16-month-old is 16 months old whenever it is looked at.
 */
export function moveDays(value: unknown, days: number): unknown {
  if (typeof value === 'string') return ISO_DAY.test(value) ? addDays(value, days) : value
  if (Array.isArray(value)) return value.map((item) => moveDays(item, days))
  if (typeof value === 'object' && value !== null) {
    return Object.fromEntries(Object.entries(value).map(([key, item]) => [key, moveDays(item, days)]))
  }
  return value
}

/** Imports the demo files through the same door as a user's data. */
async function importDemo(
  catalogue: CatalogueService,
  demoDir: string,
  daysSince: (asOf: string) => number,
): Promise<number> {
  let rows = 0
  // Restraints before units, cars and families in any order: names sort that way.
  for (const file of readdirSync(demoDir)
    .filter((f) => f.endsWith('.json'))
    .sort()) {
    const document = JSON.parse(readFileSync(join(demoDir, file), 'utf8')) as { asOf?: string }
    const moved = document.asOf === undefined ? document : moveDays(document, daysSince(document.asOf))
    rows += (await catalogue.import(moved, { isPreview: false })).length
  }
  return rows
}

/** Fills an empty store with the demo, its days moved up to `today`; how many rows, 0 where there was something already. */
export async function seedDemo(catalogue: CatalogueService, demoDir: string, today: string): Promise<number> {
  return (await catalogue.isEmpty()) ? importDemo(catalogue, demoDir, (asOf) => daysBetween(asOf, today)) : 0
}
