import { IsoDate, Sequence } from '../src/ground/index.ts'
import {
  assess,
  caseSchema,
  checkOf,
  chosenIn,
  fittedSubject,
  measured,
  parseWith,
  type Case,
  type CheckId,
  type Reading,
} from '../src/index.ts'
import { ARGUED, arguedFor } from './argued-facts.ts'
import { demoFittings, MADE_UP } from './kinds.ts'

/**
 * The law of the product: *ready* is said only when everything that must be
 * known is known, fresh and good. Taking any fact from a ready fitting, or
 * spoiling any reading or figure of the maker in it, never leaves it ready
 * unless the fact is one of a short, argued list.
 */

type Path = readonly (string | number)[]

const isObject = (x: unknown): x is Record<string, unknown> => typeof x === 'object' && x !== null && !Array.isArray(x)

/** Every field and every member of a list inside a value. */
function pathsIn(value: unknown, at: Path = []): Path[] {
  if (Array.isArray(value)) return value.flatMap((v, i) => [[...at, i], ...pathsIn(v, [...at, i])])
  if (!isObject(value)) return []
  return Object.entries(value).flatMap(([k, v]) => (v === undefined ? [] : [[...at, k], ...pathsIn(v, [...at, k])]))
}

function without(value: unknown, [head, ...rest]: Path): unknown {
  if (head === undefined) return undefined
  if (Array.isArray(value)) {
    if (rest.length === 0) return value.filter((_, i) => i !== head)
    return value.map((v, i) => (i === head ? without(v, rest) : v))
  }
  const record = value as Record<string, unknown>
  if (rest.length === 0) {
    const { [head]: _gone, ...others } = record
    return others
  }
  return { ...record, [head]: without(record[head], rest) }
}

/** Where a path of the case leads, in the words of the argued list; `undefined` for what belongs to nothing chosen. */
function nameOf(c: Case, path: Path): string | undefined {
  const { model, mode, route, position, unit, baseUnit } = chosenIn(c)
  const words = (root: string, rest: Path): string =>
    rest.reduce<string>((text, key) => (typeof key === 'number' ? `${text}[]` : `${text}.${key}`), root)
  const [root, i, key, j, key2, k] = path
  switch (root) {
    case 'child':
    case 'choice':
    case 'settings':
    case 'readings':
      return words(root, path.slice(1))
    case 'journeyMinutes':
      return root
    case 'units': {
      const which = c.units?.[i as number]
      return which === unit || which === baseUnit ? words('unit', path.slice(2)) : undefined
    }
    case 'vehicle':
      if (i !== 'positions') return words('vehicle', path.slice(1))
      return c.vehicle?.positions[key as number] === position ? words('place', path.slice(3)) : undefined
    case 'restraints': {
      if (c.restraints[i as number] !== model) return undefined
      if (key !== 'modes') return words('model', path.slice(2))
      if (model?.modes[j as number] !== mode) return undefined
      if (key2 !== 'routes') return words('mode', path.slice(4))
      return mode?.routes[k as number] === route ? words('route', path.slice(6)) : undefined
    }
    default:
      return undefined
  }
}

/** Required fields are refused by the schema when they go: the file does not open at all. */
const opens = (c: unknown): c is Case => parseWith(caseSchema, JSON.parse(JSON.stringify(c))).ok

/** In `npm test` a pinned sample, one fact in six beginning elsewhere in each fitting; the whole by `npm run law`. */
const isWhole = process.env.LAW === 'whole'
const EVERY = isWhole ? 1 : 6
const losable = (c: Case, start: number): Path[] => pathsIn(c).filter((_, i) => i % EVERY === start % EVERY)

/** Facts whose loss leaves the fitting ready and that nobody has argued for. */
function silentLosses(c: Case, start: number): string[] {
  const losses = new Set<string>()
  for (const path of losable(c, start)) {
    const name = nameOf(c, path)
    if (name === undefined || arguedFor(name, c) !== undefined) continue
    const less = without(c, path)
    if (opens(less) && assess(less).verdict === 'ready') losses.add(name)
  }
  return [...losses]
}

const badReadings = (id: CheckId, at: number): Reading[] => {
  const check = checkOf(id)
  if (check.kind === 'number') {
    const far = id === 'tether-indicator-mm' || id === 'crown-below-edge-mm' ? check.min : check.max
    return [{ number: measured(far), at: Sequence(at) }]
  }
  return check.options
    .filter((o) => o.means === 'fail' || o.means === 'undecided')
    .map((o) => ({ option: o.id, at: Sequence(at) }))
}

/** Readings that may be bad and leave it ready. */
const BAD_AND_READY: readonly CheckId[] = []

function silentSpoils(c: Case): string[] {
  return (Object.keys(c.readings) as CheckId[]).flatMap((id) =>
    badReadings(id, c.readings[id]!.at)
      .filter((reading) => assess({ ...c, readings: { ...c.readings, [id]: reading } }).verdict === 'ready')
      .map((reading) => `${id} ${reading.option ?? reading.number?.value}`)
      .filter(() => !BAD_AND_READY.includes(id)),
  )
}

/** Every reading in turn as old as the choice: nothing outdated is part of ready. */
const silentlyOld = (c: Case): string[] =>
  (Object.keys(c.readings) as CheckId[]).filter(
    (id) =>
      assess({ ...c, readings: { ...c.readings, [id]: { ...c.readings[id]!, at: Sequence(0) } } }).verdict === 'ready',
  )

/** Bad readings of checks that this fitting does not ask for count as well. */
const silentlyAdded = (c: Case): string[] => {
  const asked = fittedSubject(c)!.asked!()
  const extra: readonly [CheckId, Reading][] = [
    ['gap-behind', { option: 'gap', at: Sequence(5) }],
    ['base-gap' as CheckId, { option: 'gap', at: Sequence(5) }],
    ['belt-twist', { option: 'twisted', at: Sequence(5) }],
    ['tether-point', { option: 'luggage-ring', at: Sequence(5) }],
    ['lap-section', { option: 'belly', at: Sequence(5) }],
    ['steadiness-felt', { option: 'felt', at: Sequence(5) }],
    ['slack-pinch', { option: 'fold', at: Sequence(5) }],
    ['slack-mm', { number: measured(61), at: Sequence(5) }],
    ['front-seat', { option: 'pressing', at: Sequence(5) }],
  ]
  return extra
    .filter(([id]) => id !== ('base-gap' as CheckId) && !asked.has(id))
    .filter(([id, reading]) => assess({ ...c, readings: { ...c.readings, [id]: reading } }).verdict === 'ready')
    .map(([id]) => id)
}

/** Makers' figures moved so that what was read no longer meets them. */
const SPOILED: readonly [string, (c: Case) => Case | undefined][] = (() => {
  const onMode = (
    c: Case,
    change: (mode: Case['restraints'][number]['modes'][number]) => object | undefined,
  ): Case | undefined => {
    const { model, mode } = chosenIn(c)
    const over = mode && change(mode)
    if (!model || !mode || !over) return undefined
    return {
      ...c,
      restraints: c.restraints.map((m) =>
        m === model ? { ...m, modes: m.modes.map((x) => (x === mode ? { ...x, ...over } : x)) } : m,
      ),
    }
  }
  const onRoute = (
    c: Case,
    change: (route: Case['restraints'][number]['modes'][number]['routes'][number]) => object | undefined,
  ) =>
    onMode(c, (mode) => {
      const { route } = chosenIn(c)
      const over = route && change(route)
      return over && { routes: mode.routes.map((r) => (r === route ? { ...r, ...over } : r)) }
    })
  const isShell = (c: Case) => chosenIn(c).mode?.heldBy === 'harness'
  return [
    [
      'stature ends below the child',
      (c) => onMode(c, (m) => (m.approval.regulation === 'R129' && { statureCm: { from: 30, to: 45 } }) || undefined),
    ],
    [
      'mass ends below the child',
      (c) => onMode(c, (m) => (m.heldBy === 'harness' ? { massKg: { to: 2 } } : undefined)),
    ],
    ['age begins above the child', (c) => onMode(c, () => ({ ageMonths: { from: 170 } }))],
    ['slack at most 1 mm', (c) => (isShell(c) ? onMode(c, () => ({ slackMm: { toMm: 1 } })) : undefined)],
    ['slack at least 40 mm', (c) => (isShell(c) ? onMode(c, () => ({ slackMm: { fromMm: 40 } })) : undefined)],
    [
      'movement at most 0 mm',
      (c) =>
        'steadiness-mm' in c.readings && c.readings['steadiness-mm']!.number!.value! > 0
          ? onMode(c, () => ({ steadinessMm: 0 }))
          : undefined,
    ],
    [
      'angle in a band elsewhere',
      (c) =>
        onMode(c, (m) =>
          m.heldBy === 'harness' && m.shape !== 'lie-flat' && m.angleProof === undefined
            ? { targetAngleDeg: { from: 2, to: 4 } }
            : undefined,
        ),
    ],
    [
      'guide at 60 to 80 mm',
      (c) =>
        onMode(c, (m) => (m.shape === 'booster-seat' ? { guideAboveShoulderMm: { fromMm: 60, toMm: 80 } } : undefined)),
    ],
    [
      'tether shows 90 mm or more',
      (c) =>
        onRoute(c, (r) =>
          r.topTether && 'tether-indicator-mm' in c.readings
            ? { topTether: { ...r.topTether, goodMm: { fromMm: 90 } } }
            : undefined,
        ),
    ],
    [
      'leg too short for any floor',
      (c) => onRoute(c, (r) => r.leg && { leg: { ...r.leg, minLengthMm: 50, maxLengthMm: 60 } }),
    ],
    ['route ends below the child', (c) => onRoute(c, () => ({ limits: { massKg: { to: 1 } } }))],
    [
      'recline off the list',
      (c) =>
        onRoute(c, () =>
          c.settings.recline && isShell(c) && chosenIn(c).mode?.shape !== 'lie-flat'
            ? { permittedReclines: ['no-such'] }
            : undefined,
        ),
    ],
    [
      'the other touch rule',
      (c) =>
        onRoute(c, (r) =>
          c.readings['front-seat']
            ? {
                frontSeat:
                  c.readings['front-seat'].option === 'clear'
                    ? 'must-touch'
                    : r.frontSeat === 'either'
                      ? undefined
                      : 'must-not-touch',
              }
            : undefined,
        ),
    ],
    [
      'straps elsewhere',
      (c) =>
        onMode(c, (m) =>
          m.strap?.adjuster.kind === 'slots' ? { strap: { adjuster: { kind: 'slots', heightsMm: [60] } } } : undefined,
        ),
    ],
    [
      'vehicle head restraint as it is not',
      (c) =>
        onRoute(c, () =>
          chosenIn(c).position?.headRestraint === 'none'
            ? undefined
            : { vehicleHeadRestraint: c.settings.vehicleHeadRestraint?.value === 'on' ? 'off' : 'on' },
        ),
    ],
    ['unit from a crash', (c) => ({ ...c, units: c.units!.map((u) => ({ ...u, wasInCrash: true })) })],
    ['unit recalled', (c) => ({ ...c, units: c.units!.map((u) => ({ ...u, isRecalled: true })) })],
    ['past its life', (c) => ({ ...c, units: c.units!.map((u) => ({ ...u, lifeEndsOn: IsoDate('2026-01-01') })) })],
  ]
})()
const silentFigures = (c: Case): string[] =>
  SPOILED.flatMap(([what, spoil]) => {
    const spoiled = spoil(c)
    return spoiled !== undefined && assess(spoiled).verdict === 'ready' ? [what] : []
  })

const CHECKS: readonly [string, (c: Case, start: number) => string[]][] = [
  ['deleting any fact', silentLosses],
  ['spoiling any reading', silentSpoils],
  ['ageing any reading', silentlyOld],
  ['a bad reading that nothing asked for', silentlyAdded],
  ['spoiling a figure of the maker', silentFigures],
]

describe.each(Object.entries(MADE_UP).map(([name, c], i) => [name, c, i] as const))('%s', (_, c, start) => {
  test('is ready to travel', () => {
    expect(
      assess(c)
        .findings.filter((f) => f.kind !== 'pass' && f.severity !== 'advise')
        .map((f) => `${f.ruleId}: ${f.reason}`),
    ).toEqual([])
    expect(opens(c)).toBe(true)
  })
  test.each(CHECKS)('%s never leaves it ready', (_what, silent) => {
    expect(silent(c, start)).toEqual([])
  })
})

describe('the demo', () => {
  const all = [...demoFittings()]
  /** In `npm test` one place of each mode and route. */
  const seen = new Set<string>()
  const sample = isWhole
    ? all
    : all.filter(([name]) => !seen.has(name.split(' in ')[0]!) && seen.add(name.split(' in ')[0]!))

  test('every mode and route of the shelf can be made ready somewhere', () => {
    expect(all.length).toBeGreaterThan(200)
    expect(new Set(all.map(([name]) => name.split(' in ')[0])).size).toBeGreaterThanOrEqual(22)
  })
  test.each(CHECKS)('%s never leaves a fitting ready', (_what, silent) => {
    expect(sample.flatMap(([name, c], i) => silent(c, i).map((loss) => `${name}: ${loss}`))).toEqual([])
  })
})

test('every argument is used by some fitting, or is about a field that the format has', () => {
  for (const [path, why] of Object.entries(ARGUED)) expect([path, why.length > 3]).toEqual([path, true])
})
