import { IsoDate, ModelId, Sequence, UnitId, VehicleId } from '../src/ground/index.ts'
import {
  CASE_FORMAT,
  CASE_VERSION,
  assess,
  checksAsked,
  DEFAULT_LOCAL_RULE,
  DEFAULT_PRACTICE,
  MODE_PARTS,
  ROUTE_PARTS,
  fittedSubject,
  goodReading,
  measured,
  recommendSettings,
  RULES,
  stepPairs,
  type Case,
  type Child,
  type Mode,
  type Outcome,
  type PracticeProfile,
  type RestraintModel,
  type RestraintUnit,
  type Route,
  type SeatingPosition,
  type Vehicle,
  type AnyRule,
  type NotApplicable,
  judge,
} from '../src/index.ts'

export { goodReading } from '../src/index.ts'

/** Builders with sensible defaults: a test shows only what matters to it. */

export const TODAY = IsoDate('2026-11-25')

export const buildChild = (over: Partial<Child> = {}): Child => ({
  id: 'kit-amber',
  name: 'Kit',
  dateOfBirth: IsoDate('2025-07-10'),
  headControl: 'steady',
  needsPostureSpecialist: false,
  massKg: measured(10.4, 0.1),
  statureCm: measured(79, 0.5),
  seatedShoulderHeightMm: measured(300, 4),
  ...over,
})

export const buildLeg = (over: Partial<NonNullable<Route['leg']>> = {}): NonNullable<Route['leg']> => ({
  minLengthMm: 300,
  maxLengthMm: 480,
  notches: 19,
  hingeAboveCushionMm: 0,
  angleFromVerticalDeg: 0,
  maxLiftMm: 12,
  ...over,
})

/** ISOFIX with leg, i-Size. */
export const buildRoute = (over: Partial<Route> = {}): Route => ({
  id: 'isofix-leg',
  label: 'ISOFIX with leg',
  scope: 'i-size',
  isofix: { connectors: 'rigid', role: 'holds', pushedHome: 'required' },
  leg: buildLeg(),
  fixture: 'R2',
  ...over,
})

export const BELT_ROUTE: Route = {
  id: 'belt',
  label: 'By belt',
  scope: 'universal',
  belt: {
    needs: 'three-point',
    path: [{ section: 'lap', mark: 'blue guide', side: 'buckle-side', how: 'under' }],
    lock: { kind: 'lock-off', section: 'diagonal', side: 'door-side' },
  },
}

export const TETHER_ROUTE: Route = {
  id: 'isofix-tether',
  label: 'ISOFIX with top tether',
  scope: 'i-size',
  isofix: { connectors: 'rigid', role: 'holds' },
  topTether: { use: 'required' },
  fixture: 'F2X',
}

/**
 * The same route with every part that it does not mention said to be none: an
 * entry that somebody has read. A test of what is *not* read passes `unstated`.
 */
const stateRoute = (route: Route, mode: Mode): Route => {
  const without = ROUTE_PARTS.filter((part) => route[part] === undefined)
  return {
    usesBase: false,
    steps: [],
    ...(mode.direction === 'rearward' && { frontSeat: 'either' as const }),
    ...((mode.reclines?.length ?? 0) > 1 && { permittedReclines: mode.reclines!.map((r) => r.id) }),
    ...route,
    ...(route.isofix && { isofix: { pushedHome: 'any-length', ...route.isofix } }),
    ...(route.leg && { leg: { proofs: [], ...route.leg } }),
    ...(without.length > 0 && { without }),
  }
}
export const stateMode = (mode: Mode): Mode => {
  const without = MODE_PARTS.filter((part) => mode[part] === undefined)
  return {
    inserts: [],
    sidePod: false,
    crotchBeltGuide: false,
    ...mode,
    reclines: mode.reclines ?? [],
    ...(mode.turns && { turns: { forwardGuard: false, ...mode.turns } }),
    routes: mode.routes.map((route) => stateRoute(route, mode)),
    ...(without.length > 0 && { without }),
  }
}

/** Rearward, UN R129, 61–105 cm, slots every 25 mm, four reclines. */
export const buildMode = (over: Partial<Mode> = {}): Mode => ({
  id: 'rearward',
  label: 'Rearward, 61–105 cm',
  approval: { regulation: 'R129', series: '03' },
  shape: 'seat',
  direction: 'rearward',
  heldBy: 'harness',
  statureCm: { from: 61, to: 105 },
  massKg: { to: 18 },
  strap: { adjuster: { kind: 'slots', heightsMm: [230, 255, 280, 305, 330] } },
  headRule: 'eyes-below-edge',
  reclines: [
    { id: 'r1', label: '1', shellAngleDeg: 36 },
    { id: 'r2', label: '2', shellAngleDeg: 42 },
  ],
  routes: [buildRoute()],
  ...over,
})
/** The same, with every optional part stated or said to be none. */
export const buildStatedMode = (over: Partial<Mode> = {}): Mode => stateMode(buildMode(over))

export const FORWARD: Partial<Mode> = {
  id: 'forward',
  label: 'Forward, 76–105 cm',
  direction: 'forward',
  statureCm: { from: 76, to: 105 },
  headRule: 'ears-below-edge',
  reclines: [{ id: 'r1', label: '1', shellAngleDeg: 20 }],
}

/** A shell that turns on its base: which way it faces is set in the fitting, and no fact of the unit. */
export const TURNS: Partial<Mode> = {
  turns: { locks: [{ id: 'turned', what: 'ring', kind: 'click' }], forwardGuard: false },
}

export const BOOSTER: Partial<Mode> = {
  id: 'booster',
  label: 'Booster, 100–150 cm',
  shape: 'booster-seat',
  direction: 'forward',
  heldBy: 'vehicle-belt',
  statureCm: { from: 100, to: 150 },
  massKg: undefined,
  strap: undefined,
  reclines: undefined,
  headRule: 'ears-below-edge',
  routes: [
    {
      id: 'belt',
      label: 'By the car’s belt',
      scope: 'universal',
      belt: {
        needs: 'three-point',
        path: [{ section: 'lap', mark: 'red guide', side: 'buckle-side', how: 'under' }],
        lock: { kind: 'free' },
      },
    },
  ],
}

export const buildModel = (
  modes: readonly Mode[] = [buildMode()],
  over: Partial<RestraintModel> = {},
): RestraintModel => ({
  id: ModelId('halyard'),
  maker: 'Ravel',
  name: 'Halyard',
  massKg: 14,
  lifeYears: 10,
  modes: [...modes],
  ...over,
})

export const buildUnit = (over: Partial<RestraintUnit> = {}): RestraintUnit => ({
  id: UnitId('unit-1'),
  modelId: ModelId('halyard'),
  serial: 'HY-1',
  madeOn: IsoDate('2024-01-15'),
  isHistoryKnown: true,
  wasInCrash: false,
  isRecalled: false,
  isComplete: true,
  ...over,
})

export const buildPosition = (over: Partial<SeatingPosition> = {}): SeatingPosition => ({
  id: 'rear-left',
  label: 'Rear left',
  row: 2,
  side: 'left',
  lateralCentreMm: -380,
  facing: 'forward',
  belt: { kind: 'three-point', retractor: 'emergency-locking' },
  isofix: { bars: 'visible' },
  tether: { where: 'seat-back' },
  without: ['slidingTrack'],
  frontAirbag: 'none',
  floor: { kind: 'solid' },
  cushion: { slopeDeg: measured(12, 1), frontEdgeAboveFloorMm: measured(355, 2) },
  handbook: {
    beltGroups: { '0': 'U', '0+': 'U', I: 'U', II: 'U', III: 'U' },
    isofix: 'IUF',
    iSize: 'i-U',
    fixtures: ['R3', 'F3', 'B2'],
  },
  headRestraint: 'adjustable',
  ...over,
})

export const buildVehicle = (positions: readonly SeatingPosition[] = [buildPosition()]): Vehicle => ({
  id: VehicleId('corran-plover'),
  maker: 'Corran',
  model: 'Plover',
  driverSide: 'right',
  positions: [...positions],
})

/** Parts of a mode that turn it into one approved by mass group. */
export const byMass = (
  groups: ('0' | '0+' | 'I' | 'II' | 'III')[],
  over: Partial<Mode> = {},
  approvedYear?: number,
): Partial<Mode> => ({
  approval: { regulation: 'R44', series: '04', groups, ...(approvedYear !== undefined && { approvedYear }) },
  statureCm: undefined,
  massKg: undefined,
  ...over,
})

interface CaseParts {
  readonly child?: Partial<Child>
  readonly mode?: Partial<Mode>
  readonly model?: Partial<RestraintModel>
  readonly unit?: Partial<RestraintUnit>
  readonly route?: Route
  readonly position?: Partial<SeatingPosition>
  readonly others?: readonly SeatingPosition[]
  readonly practice?: Partial<PracticeProfile>
  readonly localRule?: Case['localRule']
  readonly settings?: Case['settings']
  readonly readings?: Case['readings']
  /** The mode as given, with nothing said of what it does not mention. */
  readonly unstated?: boolean
}

/** A case with everything chosen; `route` replaces the mode's only route. */
export function buildCase(parts: CaseParts = {}): Case {
  const raw = buildMode({ ...parts.mode, ...(parts.route && { routes: [parts.route] }) })
  const mode = parts.unstated ? raw : stateMode(raw)
  const position = buildPosition(parts.position)
  return {
    format: CASE_FORMAT,
    version: CASE_VERSION,
    today: TODAY,
    child: buildChild(parts.child),
    vehicle: buildVehicle([position, ...(parts.others ?? [])]),
    restraints: [buildModel([mode], parts.model)],
    units: [buildUnit(parts.unit)],
    choice: {
      modelId: ModelId('halyard'),
      unitId: UnitId('unit-1'),
      modeId: mode.id,
      positionId: position.id,
      routeId: mode.routes[0]?.id,
      at: Sequence(1),
    },
    settings: parts.settings ?? {},
    disturbances: {},
    readings: parts.readings ?? {},
    practice: { ...DEFAULT_PRACTICE, ...parts.practice },
    localRule: parts.localRule ?? DEFAULT_LOCAL_RULE,
  }
}

export const ruleById = (id: string): AnyRule => {
  const rule = RULES.find((r) => r.id === id)
  if (!rule) throw new Error(`No rule "${id}"`)
  return rule
}

/** One rule's word on a case. */
export function judged(id: string, c: Case): Outcome | NotApplicable {
  const subject = fittedSubject(c)
  if (!subject) throw new Error('Nothing is chosen in this case')
  return judge(ruleById(id), subject)
}
/** One rule's word on a case that it applies to. */
export function ask(id: string, c: Case): Outcome {
  const outcome = judged(id, c)
  if (outcome.kind === 'not-applicable') throw new Error(`${id} does not apply`)
  return outcome
}
export const kindOf = (id: string, c: Case): string => judged(id, c).kind

/** The same case with every recommended setting set and every check found good, in that order. */
export function withEverythingGood(c: Case): Case {
  let done = c
  for (let round = 0; round < 3; round += 1) {
    const subject = fittedSubject(done)
    if (!subject) throw new Error('Nothing is chosen in this case')
    const settings = { ...done.settings } as Record<string, unknown>
    for (const r of recommendSettings(subject)) {
      if (r.kind === 'set') settings[r.setting] = { value: r.value, at: Sequence(2) }
      if (r.kind === 'choose') settings[r.setting] = { value: r.values[0], at: Sequence(2) }
    }
    done = { ...done, settings: settings as Case['settings'] }
  }
  // What is found good may call up more: an advised tether that is hooked is checked like a required one.
  for (let round = 0; round < 2; round += 1) {
    const asked = fittedSubject(done)!
    const looked = [...checksAsked(asked)].filter((id) => id !== 'shell-angle-deg')
    done = { ...done, readings: Object.fromEntries(looked.map((id) => [id, goodReading(id, Sequence(3), asked)])) }
  }
  const subject = fittedSubject(done)!
  const seconds = stepPairs(subject.route.steps ?? []).map(({ second }) => [second.id, { at: Sequence(3) }] as const)
  return { ...done, ...(seconds.length > 0 && { stepsDone: Object.fromEntries(seconds) }) }
}

/** The verdict on a fitting with everything good once one field of its mode is taken away. */
export function assessVerdictWithout(c: Case, field: keyof Mode): string {
  const good = withEverythingGood(c)
  const models = good.restraints.map((model) => ({
    ...model,
    modes: model.modes.map((mode) => Object.fromEntries(Object.entries(mode).filter(([key]) => key !== field)) as Mode),
  }))
  return assess({ ...good, restraints: models }).verdict
}
