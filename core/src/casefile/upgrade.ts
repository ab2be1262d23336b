import { DEFAULT_PRACTICE } from '../practice/index.ts'
import { PARTS_TOLERANCE_KG } from '../restraint/index.ts'
import { CASE_VERSION } from './case.ts'
import type { Changed } from './put.ts'
import * as msg from './messages.en.ts'

/**
 * Documents of older versions in the words of today's. What an older one does
 * not state stays unstated: it is unknown, and asked. Only what changed its name
 * or its form is carried over; anything that is not such a document passes
 * through untouched, for the schema to refuse. Version 3 knows rides; all else
 * of version 2 stands in it as it was.
 */

type Json = Readonly<Record<string, unknown>>
const isObject = (x: unknown): x is Json => typeof x === 'object' && x !== null && !Array.isArray(x)
const listOf = (x: unknown): readonly unknown[] => (Array.isArray(x) ? x : [])

/** One look behind and under the base was one check, and is two. */
const RENAMED_CHECKS: Readonly<Record<string, readonly string[]>> = { 'base-gap': ['gap-behind', 'gap-under'] }

function upgradeEdges(edges: unknown): unknown {
  if (!Array.isArray(edges)) return edges
  return edges.map((edge: unknown) =>
    isObject(edge) && Array.isArray(edge.unpasses)
      ? {
          ...edge,
          unpasses: (edge.unpasses as readonly unknown[]).flatMap(
            (id): readonly unknown[] => RENAMED_CHECKS[String(id)] ?? [id],
          ),
        }
      : edge,
  )
}

function upgradeRoute(route: unknown): unknown {
  if (!isObject(route)) return route
  const next: Record<string, unknown> = { ...route }
  if (isObject(route.topTether) && route.topTether.use === 'not-used') {
    delete next.topTether
    next.without = [...listOf(route.without), 'topTether']
  }
  if (typeof route.gapAccepted === 'boolean') {
    next.gapAccepted = { behindBase: route.gapAccepted, underBase: route.gapAccepted }
  }
  if (route.staleEdges !== undefined) next.staleEdges = upgradeEdges(route.staleEdges)
  return next
}

function upgradeMode(mode: unknown): unknown {
  if (!isObject(mode)) return mode
  return {
    ...mode,
    ...(Array.isArray(mode.routes) && { routes: mode.routes.map(upgradeRoute) }),
    ...(mode.staleEdges !== undefined && { staleEdges: upgradeEdges(mode.staleEdges) }),
  }
}

/** Parts that do not add up to the whole are no statement of its parts: they are kept in the note, to be read again. */
function upgradeParts(model: Json): Json {
  const parts = listOf(model.parts).filter(isObject)
  const sumKg = parts.reduce((sum, part) => sum + Number(part.massKg), 0)
  if (parts.length === 0 || Math.abs(sumKg - Number(model.massKg)) <= PARTS_TOLERANCE_KG + 1e-9) return model
  const { parts: _parts, ...rest } = model
  const said = parts.map((p) => `${String(p.name)} ${String(p.massKg)} kg`).join(', ')
  return { ...rest, note: `${String(model.note ?? '')} ${msg.partsOnceEntered(said)}`.trim().slice(0, 1000) }
} // prettier-ignore

/** A restraint model as version 1 wrote it. */
export function upgradeModel(model: unknown): unknown {
  if (!isObject(model) || !Array.isArray(model.modes)) return model
  return { ...upgradeParts(model), modes: model.modes.map(upgradeMode) }
}

/** A unit cannot have been made after the day of the case: then its day is not known. */
function upgradeUnit(unit: unknown, today: unknown): unknown {
  if (!isObject(unit) || typeof unit.madeOn !== 'string' || typeof today !== 'string' || unit.madeOn <= today)
    return unit
  const { madeOn: _madeOn, ...rest } = unit
  return rest
}

/** A practice profile from before a question was asked takes its default. */
export const upgradePractice = (practice: unknown): unknown =>
  isObject(practice) && practice.knees === undefined ? { ...practice, knees: DEFAULT_PRACTICE.knees } : practice

function upgradeReadings(readings: unknown): unknown {
  if (!isObject(readings)) return readings
  return Object.fromEntries(
    Object.entries(readings).flatMap(([id, reading]) =>
      (RENAMED_CHECKS[id] ?? [id]).map((now) => [now, readings[now] ?? reading]),
    ),
  )
}

const hasVersion = (document: unknown, version: number): document is Json =>
  isObject(document) && document.version === version

/** A case file of any version as one of today's. */
export function upgradeCase(document: unknown): unknown {
  if (hasVersion(document, 2)) return { ...document, version: CASE_VERSION }
  if (!hasVersion(document, 1)) return document
  return {
    ...document,
    version: CASE_VERSION,
    ...(Array.isArray(document.restraints) && { restraints: document.restraints.map(upgradeModel) }),
    ...(Array.isArray(document.units) && { units: document.units.map((u) => upgradeUnit(u, document.today)) }),
    ...(document.readings !== undefined && { readings: upgradeReadings(document.readings) }),
    ...(document.practice !== undefined && { practice: upgradePractice(document.practice) }),
  }
}

/** A catalogue of any version as one of today's. */
export function upgradeCatalogue(document: unknown): unknown {
  if (hasVersion(document, 2)) return { ...document, version: CASE_VERSION }
  if (!hasVersion(document, 1)) return document
  return {
    ...document,
    version: CASE_VERSION,
    ...(Array.isArray(document.models) && { models: document.models.map(upgradeModel) }),
  }
}

/** Changes of a stored history, as they would be written today. */
export function upgradeChanges(changes: readonly Changed[]): readonly Changed[] {
  return changes.flatMap((change): readonly Changed[] => {
    const [root, key] = change.path
    const both = (upgrade: (x: unknown) => unknown): Changed => ({
      path: change.path,
      from: upgrade(change.from),
      to: upgrade(change.to),
    })
    if (root === 'restraints') return [both((x) => (Array.isArray(x) ? x.map(upgradeModel) : x))]
    if (root === 'practice') return [both(upgradePractice)]
    if (root === 'readings' && key !== undefined && RENAMED_CHECKS[key] !== undefined)
      return RENAMED_CHECKS[key].map((now) => ({ ...change, path: ['readings', now] }))
    return [change]
  })
}
