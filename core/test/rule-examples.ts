import { IsoDate, Sequence } from '../src/ground/index.ts'
import { writeFileSync } from 'node:fs'
import {
  assess,
  caseSchema,
  CHECKS,
  DEFAULT_LOCAL_RULE,
  fittedSubject,
  judge,
  measured,
  RULES,
  type AnyRule,
  type Case,
  type CheckId,
  type FittedSubject,
  type Mode,
} from '../src/index.ts'
import {
  BOOSTER,
  buildCase,
  buildRoute,
  buildStatedMode,
  byMass,
  FORWARD,
  TETHER_ROUTE,
  withEverythingGood,
} from './build.ts'
import { CONFIGURATIONS } from './configurations.ts'
import { MADE_UP } from './kinds.ts'

/**
 * A passing and a failing example of every rule, as documents: a fitting by
 * name, and the least that is changed in it. The rule book prints them, and a
 * test runs them. `npm run examples` looks for them anew.
 */
export interface RuleExample {
  /** A fitting of `FITTINGS`. */
  readonly of: string
  /** Most rules pass; one that speaks only of what is wrong has nothing to say there. */
  readonly from: 'pass' | 'not-applicable'
  /** What is changed in it for that: mostly nothing. */
  readonly given?: Changes
  /** What is changed in the fitting, instead, for it not to pass. */
  readonly change: Changes
  /** Most rules fail; one that only asks for what nobody has read can be no more than open. */
  readonly to: 'fail' | 'undecided'
  readonly passes: string
  readonly fails: string
}
/** By path in the case; a value of `null` takes the field away. */
type Changes = readonly { readonly path: string; readonly value: unknown }[]
export type RuleExamples = Readonly<Record<string, RuleExample>>

const shortened = (parts: Parameters<typeof buildCase>[0], more: readonly Mode[]): Case => {
  const c = buildCase(parts)
  return { ...c, restraints: c.restraints.map((m) => ({ ...m, modes: [...m.modes, ...more] })) }
}
const CUSHION = { ...BOOSTER, shape: 'booster-cushion', headRule: 'ears-below-vehicle-head-restraint' } as const
const SCHOOL_CHILD = { massKg: measured(26), statureCm: measured(131), dateOfBirth: IsoDate('2018-02-02') }

/** Kinds that only one rule asks about. */
const MORE_FITTINGS: Readonly<Record<string, Case>> = {
  'cushion under UN R44, approved in 2018': buildCase({
    mode: byMass(['III'], CUSHION, 2018),
    child: SCHOOL_CHILD,
    settings: { vehicleHeadRestraint: { value: 'on', at: Sequence(2) } },
  }),
  'forward under UN R44, group I': buildCase({
    mode: byMass(['I'], FORWARD),
    route: TETHER_ROUTE,
    localRule: { ...DEFAULT_LOCAL_RULE, r44Use: 'allowed' },
  }),
  'rearward under UN R44, group 0+': buildCase({ mode: byMass(['0+'], { direction: 'rearward' }) }),
  'rearward to 10 kg, forward from 12': shortened(
    { mode: byMass(['0'], { massKg: { to: 10 } }), child: { massKg: measured(9.8) } },
    [buildStatedMode({ id: 'next', ...byMass(['I'], { direction: 'forward', massKg: { from: 12, to: 18 } }) })],
  ),
  'a maker who asks for 15 months': buildCase({ mode: { ageMonths: { from: 15 } } }),
  'shell whose edge is known, sitting height measured': buildCase({
    mode: { headRule: 'crown-inside', shellEdgeMm: 520 },
    child: { sittingHeightMm: measured(500) },
  }),
  'the same, on its pad': buildCase({
    mode: {
      headRule: 'crown-inside',
      shellEdgeMm: 530,
      inserts: [{ id: 'pad', name: 'pad', thicknessMm: 20, allowedUntil: { massKg: 13 } }],
    },
    child: { sittingHeightMm: measured(500) },
    settings: { insertsIn: { value: ['pad'], at: Sequence(2) } },
  }),
  'harness and booster in one, harness in': shortened({ unit: { harness: 'in' } }, [buildStatedMode(BOOSTER)]),
  'booster, with a harness mode beside it': shortened(
    { mode: BOOSTER, child: SCHOOL_CHILD, unit: { harness: 'stowed' } },
    [buildStatedMode()],
  ),
  'shell that is fitted anew to turn': shortened(
    { model: { directionChange: 're-installed' }, unit: { direction: 'rearward' } },
    [buildStatedMode(FORWARD)],
  ),
  'forward, with a rearward mode beside it': shortened({ mode: FORWARD, route: TETHER_ROUTE }, [buildStatedMode()]),
  'second variant of a model': buildCase({
    model: { variant: { label: 'second', madeFrom: IsoDate('2024-01-01'), madeUntil: IsoDate('2025-06-30') } },
    unit: { madeOn: IsoDate('2024-06-01') },
  }),
  'cushion under the car’s head restraint': buildCase({
    mode: { ...CUSHION, sitAboveCushionMm: 100, statureCm: { from: 125, to: 150 } },
    child: { ...SCHOOL_CHILD, sittingHeightMm: measured(700) },
    position: { headRestraintTopMm: measured(780) },
    settings: { vehicleHeadRestraint: { value: 'on', at: Sequence(2) } },
  }),
  'forward with tether, no i-Size mark': buildCase({
    mode: FORWARD,
    route: { ...TETHER_ROUTE, leg: buildRoute().leg! },
    position: { tether: { where: 'seat-back' } },
  }),
  'seat in front set': buildCase({
    position: { frontSeatRangeMm: { fullyBackMm: 600, fullyForwardMm: 900 }, frontClearanceMm: measured(800) },
    settings: { frontSeatGapMm: { value: 780, at: Sequence(2) } },
  }),
  'booster with its guide set': buildCase({
    mode: { ...BOOSTER, beltGuideMm: { fromMm: 350, toMm: 500 } },
    child: { ...SCHOOL_CHILD, seatedShoulderHeightMm: measured(420) },
    settings: { strapHeightMm: { value: 425, at: Sequence(2) } },
  }),
  'shell before a seat whose place is known': buildCase({
    mode: {
      reclines: [{ id: 'r1', label: '1', shellAngleDeg: 30 }],
      shellLengthMm: 600,
      footFromBackrestMm: 200,
      sitAboveCushionMm: 100,
    },
    route: buildRoute({ frontSeat: 'must-not-touch' }),
    position: {
      frontClearanceMm: measured(700),
      cushion: { slopeDeg: measured(0, 0.5), frontEdgeAboveFloorMm: measured(355, 2) },
    },
    settings: { recline: { value: 'r1', at: Sequence(2) } },
  }),
  'school that always takes the head restraint off': buildCase({
    practice: { vehicleHeadRestraint: 'always-off' },
    route: { ...buildRoute(), vehicleHeadRestraint: undefined as never },
    position: { headRestraint: 'removable' },
    settings: { vehicleHeadRestraint: { value: 'off-and-stowed', at: Sequence(2) } },
  }),
}

export const FITTINGS: ReadonlyMap<string, Case> = new Map([
  ...Object.entries(MADE_UP),
  ...Object.entries(CONFIGURATIONS).map(([name, c]) => [name, withEverythingGood(c)] as const),
  ...Object.entries(MORE_FITTINGS).map(([name, c]) => [name, withEverythingGood(c)] as const),
  ...Object.entries({ ...CONFIGURATIONS, ...MORE_FITTINGS }).map(
    ([name, c]) => [`${name}, nothing seen yet`, c] as const,
  ),
])

type Json = Record<string, unknown>
const isObject = (x: unknown): x is Json => typeof x === 'object' && x !== null && !Array.isArray(x)

/** The document with one value put at a path, as a copy. */
export function withPut(document: unknown, path: readonly string[], value: unknown): unknown {
  const [key, ...rest] = path as [string, ...string[]]
  const copy: unknown = Array.isArray(document) ? [...(document as unknown[])] : { ...(document as Json) }
  const target = copy as Json
  if (rest.length > 0) target[key] = withPut(target[key] ?? {}, rest, value)
  else if (value === null) delete target[key]
  else target[key] = value
  return copy
}

export const changed = (c: Case, change: Changes): Case =>
  change.reduce<unknown>((now, { path, value }) => withPut(now, path.split('.'), value), c) as Case

/** What one rule says of a case: its kind, and its words. */
export function said(rule: AnyRule, c: Case): { readonly kind: string; readonly words: string } {
  const finding = assess(c).findings.find((f) => f.ruleId === rule.id)
  if (finding === undefined) return { kind: 'not-applicable', words: '' }
  return { kind: finding.kind, words: [finding.reason, finding.remedy].filter(Boolean).join(' ') }
}

/** Figures near a figure first: the example that tells most is the one just over the limit. */
const near = (n: number): readonly number[] =>
  [0.01, 0.05, 0.1, 0.25, 0.5, 1, 3, 10].flatMap((share) => {
    const by = Math.max(Math.abs(n) * share, share)
    return [n + by, n - by].map((x) => Math.round(x * 10) / 10)
  })

/** Values that the same field has elsewhere, and those that no fitting of the tests has. */
const POOL = new Map<string, Set<string>>()
const pool = (key: string, value: unknown): void => {
  if (!POOL.has(key)) POOL.set(key, new Set())
  POOL.get(key)!.add(JSON.stringify(value))
}
const MORE: Readonly<Record<string, readonly unknown[]>> = {
  isRecalled: [true],
  wasInCrash: [true],
  isComplete: [false],
  frontAirbag: ['cannot-be-switched-off', 'can-be-switched-off', 'on', 'off'],
  bars: ['none'],
  kind: ['box-not-allowed', 'none', 'lap'],
  iSize: ['X'],
  isofix: ['X'],
  facing: ['sideways', 'rearward'],
  isDriverSeat: [true],
  lifeEndsOn: ['2026-11-01'],
  madeOn: ['2026-11-20', '2005-01-01'],
  dateOfBirth: ['2026-10-20', '2026-06-01', '2025-11-20', '2025-01-01', '2022-01-01', '2010-01-01'],
  series: ['01'],
  harness: ['stowed'],
  direction: ['forward', 'rearward'],
  vehicleHeadRestraint: ['on', 'off', 'off-and-loose'],
  value: ['off-and-loose', true, false],
  r44Use: [{ notAfter: IsoDate('2026-01-01') }],
  listedModelIds: [[]],
  fixtures: [[]],
  journeyMinutes: [600],
  awaitsCheck: [{ job: 'wash', since: IsoDate('2026-11-20') }],
  identity: [{ field: 'sex', was: 'girl', answer: 'another', at: Sequence(99) }],
  advice: [{ posture: 'lie-flat', by: 'a clinic', on: IsoDate('2026-11-20') }],
  obstacles: [['removable-console']],
}

function fill(x: unknown, key: string): void {
  if (Array.isArray(x)) x.forEach((item) => fill(item, key))
  if (isObject(x)) for (const [k, v] of Object.entries(x)) fill(v, k)
  if (x !== undefined && key !== '') pool(key, x)
}

function othersOf(path: readonly string[], value: unknown): readonly unknown[] {
  const key = path.at(-1)!
  if (path[0] === 'readings' && key === 'option') {
    const check = CHECKS[path[1] as CheckId]
    return check.kind === 'options' ? check.options.map((o) => o.id) : []
  }
  const pooled = [...(POOL.get(key) ?? [])].slice(0, 12).map((text) => JSON.parse(text) as unknown)
  const more = MORE[key] ?? []
  if (typeof value === 'number') return near(value)
  if (typeof value === 'boolean') return [!value]
  if (typeof value === 'string' || value === undefined) return [...more, ...pooled]
  return [...more, ...(Array.isArray(value) ? [[], ...pooled] : pooled)]
}

/** Paths worth changing: what is known of child, place, restraint and unit, what is set and seen. */
function* leaves(x: unknown, path: readonly string[]): Generator<readonly [readonly string[], unknown]> {
  if (path.length > 1) yield [path, x]
  if (Array.isArray(x)) for (const [i, v] of x.entries()) yield* leaves(v, [...path, String(i)])
  else if (isObject(x)) for (const [k, v] of Object.entries(x)) yield* leaves(v, [...path, k])
}
const ABSENT: readonly string[] = Object.keys(MORE)

function* changesOf(c: Case): Generator<Changes> {
  const roots = ['readings', 'settings', 'child', 'vehicle', 'restraints', 'units', 'practice', 'localRule'] as const
  for (const root of roots)
    for (const [path, value] of leaves(c[root], [root])) {
      if (['id', 'label', 'name', 'maker', 'model', 'serial', 'note', 'at', 'plusMinus', 'source'].includes(path.at(-1)!)) continue // prettier-ignore
      for (const other of othersOf(path, value))
        if (JSON.stringify(other) !== JSON.stringify(value)) yield [{ path: path.join('.'), value: other }]
      if (isObject(value))
        for (const key of ABSENT.filter((k) => !(k in value)))
          for (const other of MORE[key]!) yield [{ path: [...path, key].join('.'), value: other }]
    }
  for (const key of ['journeyMinutes', 'identity']) for (const value of MORE[key]!) yield [{ path: key, value }]
}

/** A document that is none may throw: then it is no example. */
function subjectOf(c: Case): FittedSubject | undefined {
  try {
    return fittedSubject(c)
  } catch {
    return undefined
  }
}
function kindIn(rule: AnyRule, subject: FittedSubject): string {
  try {
    return judge(rule, subject).kind
  } catch {
    return 'nothing'
  }
}

type Seed = Pick<RuleExample, 'of' | 'given' | 'change'>
/** Examples that need more than one change, or two that differ in more than one. */
const SEEDS: Readonly<Record<string, Seed>> = {
  'practice-harness-longer': {
    of: 'booster, with a harness mode beside it',
    change: [
      { path: 'child.massKg.value', value: 17 },
      { path: 'child.statureCm.value', value: 103 },
    ],
  },
  'pair-closed': {
    of: 'insert out while threading',
    change: [{ path: 'stepsDone', value: { 'insert-out': { at: Sequence(9) }, 'insert-back': { at: Sequence(5) } } }],
  },
  'practice-rearward-longer': {
    of: 'forward, with a rearward mode beside it',
    given: [
      { path: 'child.massKg.value', value: 19 },
      { path: 'restraints.0.modes.1.massKg', value: { to: 18 } },
    ],
    change: [{ path: 'restraints.0.modes.1.massKg', value: { to: 18 } }],
  },
  'wedge-allowed': {
    of: 'level line, slope unknown',
    change: [
      { path: 'restraints.0.modes.0.wedge.allowed', value: false },
      { path: 'settings.wedge', value: { value: true, at: Sequence(2) } },
    ],
  },
  'same-child': {
    of: 'ISOFIX with leg',
    given: [{ path: 'identity', value: { field: 'sex', was: 'girl', answer: 'corrected', at: Sequence(90) } }],
    change: [{ path: 'identity', value: { field: 'sex', was: 'girl', at: Sequence(90) } }],
  },
  'unasked-bad-reading': {
    of: 'belt, buckle edge',
    change: [{ path: 'readings.latch-left', value: { option: 'open', at: Sequence(9) } }],
  },
  'front-clearance': {
    of: 'shell before a seat whose place is known, nothing seen yet',
    change: [{ path: 'vehicle.positions.0.frontClearanceMm.value', value: 480 }],
  },
  'place-shared-part': {
    of: 'one of a ride',
    change: [{ path: 'vehicle.positions.0.sharedWith', value: [{ part: 'bars', positionId: 'rear-centre' }] }],
  },
  'place-tether-anchorage': {
    of: 'forward with tether',
    change: [{ path: 'vehicle.positions.0.tether', value: { where: 'none' } }],
  },
}

/** The plainest pair of outcomes first. */
const KINDS = [
  ['pass', 'fail'],
  ['pass', 'undecided'],
  ['not-applicable', 'fail'],
  ['not-applicable', 'undecided'],
] as const

/** Looks for an example of every rule, and writes what it finds; names the rules for which there is none. */
export function findExamples(file: string, known: RuleExamples): readonly string[] {
  for (const c of FITTINGS.values()) fill(c, '')
  const found: Record<string, RuleExample> = {}
  const open = new Set(RULES.filter((r) => known[r.id] === undefined || !holds(r, known[r.id]!)))
  for (const rule of RULES) if (!open.has(rule)) found[rule.id] = known[rule.id]!
  for (const rule of [...open]) {
    const seed = SEEDS[rule.id]
    if (!seed) continue
    const { good, bad } = saidOf(rule, { ...seed, from: 'pass', to: 'fail', passes: '', fails: '' })
    const kinds = KINDS.find(([from, to]) => good.kind === from && bad.kind === to)
    if (!kinds) throw new Error(`${rule.id}: the seed gives ${good.kind} and ${bad.kind}`)
    found[rule.id] = { ...seed, from: kinds[0], to: kinds[1], passes: good.words, fails: bad.words }
    open.delete(rule)
  }
  for (const [from, to] of KINDS)
    for (const [of, c] of FITTINGS) {
      const base = new Map([...open].map((rule) => [rule, said(rule, c)] as const))
      const passing = new Map<AnyRule, { readonly given?: Changes; readonly passes: string }>()
      const failing = new Map<AnyRule, { readonly change: Changes; readonly fails: string }>()
      for (const [rule, { kind, words }] of base) {
        if (kind === from) passing.set(rule, { passes: words })
        if (kind === to) failing.set(rule, { change: [], fails: words })
      }
      const changes = open.size === 0 ? [] : changesOf(c)
      for (const change of changes) {
        const wanted = [...open].filter((rule) => !passing.has(rule) || !failing.has(rule))
        if (wanted.length === 0) break
        const other = changed(c, change)
        const subject = subjectOf(other)
        if (!subject) continue
        for (const rule of wanted) {
          const kind = kindIn(rule, subject)
          const isNews = (kind === from && !passing.has(rule)) || (kind === to && !failing.has(rule))
          if (!isNews || !caseSchema.safeParse(other).success) continue
          const { words } = said(rule, other)
          if (kind === from) passing.set(rule, { given: change, passes: words })
          else failing.set(rule, { change, fails: words })
        }
      }
      for (const [rule, good] of passing) {
        const bad = failing.get(rule)
        if (!bad) continue
        found[rule.id] = { of, from, ...good, ...bad, to }
        open.delete(rule)
      }
    }
  const inOrder = Object.fromEntries(RULES.flatMap((r) => (found[r.id] ? [[r.id, found[r.id]!]] : [])))
  writeFileSync(file, `${JSON.stringify(inOrder, null, 2)}\n`)
  return [...open].map((r) => r.id)
}

/** What the rule says of the two cases of an example. */
export function saidOf(rule: AnyRule, { of, given = [], change }: RuleExample) {
  const c = FITTINGS.get(of)
  if (!c) throw new Error(`No fitting "${of}"`)
  return { good: said(rule, changed(c, given)), bad: said(rule, changed(c, change)) }
}

function holds(rule: AnyRule, example: RuleExample): boolean {
  if (!FITTINGS.has(example.of)) return false
  const { good, bad } = saidOf(rule, example)
  return (
    good.kind === example.from &&
    bad.kind === example.to &&
    good.words === example.passes &&
    bad.words === example.fails
  )
}
