import { IsoDate, ModelId, Sequence, UnitId, VehicleId } from '../src/ground/index.ts'
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import {
  ageInMonths,
  assess,
  catalogueSchema,
  CASE_FORMAT,
  CASE_VERSION,
  DEFAULT_LOCAL_RULE,
  DEFAULT_PRACTICE,
  faultText,
  isConvertible,
  keepsDirection,
  isIntegral,
  massRangeOf,
  matchPlaces,
  measured,
  parseWith,
  type Case,
  type Catalogue,
  type Child,
  type Mode,
  type RestraintModel,
  type Route,
  type SeatingPosition,
  type Vehicle,
} from '../src/index.ts'
import {
  BELT_ROUTE,
  BOOSTER,
  buildCase,
  buildModel,
  buildPosition,
  buildRoute,
  buildUnit,
  FORWARD,
  stateMode,
  TETHER_ROUTE,
  TODAY,
  withEverythingGood,
} from './build.ts'

/**
 * Fittings that are ready to travel, of every kind that the model must hold:
 * the demo's modes, routes and places, and kinds made up for the tests. What is
 * taken from one of them, or spoiled in it, must show.
 */

export const demo = (file: string): Catalogue => {
  const parsed = parseWith(catalogueSchema, JSON.parse(readFileSync(join(__dirname, '../../demo', file), 'utf8')))
  if (!parsed.ok) throw new Error(parsed.error.map(faultText).join('\n'))
  return parsed.value
}

/** A child in the middle of what a mode takes, old enough that birth no longer decides. */
export function childFor(mode: Mode): Child {
  const isR129 = mode.approval.regulation === 'R129'
  const massRange = massRangeOf(mode)
  const statureCm = isR129
    ? Math.max((mode.statureCm!.from! * 2 + mode.statureCm!.to!) / 3, 76)
    : { '0': 62, '0+': 72, I: 88, II: 112, III: 130 }[
        mode.approval.regulation === 'R44' ? mode.approval.groups.at(-1)! : 'I'
      ]!
  const from = massRange.from ?? 3
  const to = massRange.to ?? from + 30
  const typical = 2.6 + (statureCm - 48) * 0.2
  const massKg = Math.min(Math.max(typical, from + 0.5), to - 0.5)
  const months =
    statureCm < 70 ? 7 : statureCm < 80 ? 14 : statureCm < 90 ? 24 : statureCm < 105 ? 40 : statureCm < 125 ? 72 : 110
  const needsForward = mode.direction === 'forward' ? 17 : 0
  const born = new Date(Date.UTC(2026, 10 - Math.max(months, needsForward), 20)).toISOString().slice(0, 10)
  const shoulderMm = 150 + (statureCm - 48) * 3.4
  return {
    id: 'a-child',
    name: 'A child',
    dateOfBirth: IsoDate(born),
    headControl: 'steady',
    needsPostureSpecialist: false,
    bornAtWeeks: 40,
    birthMassKg: measured(3.4, 0.05),
    massKg: measured(Math.round(massKg * 10) / 10, 0.05),
    statureCm: measured(Math.round(statureCm), 0.3),
    seatedShoulderHeightMm: measured(Math.round(shoulderMm), 3),
    sittingHeightMm: measured(Math.round(statureCm * 5.6), 4),
  }
}

/** A whole case of one mode and route at one place, everything found good. */
export function fittingOf(
  model: RestraintModel,
  mode: Mode,
  route: Route,
  vehicle: Vehicle,
  position: SeatingPosition,
): Case {
  const child = childFor(mode)
  const isWhole = {
    ...(isConvertible(model) && { harness: isIntegral(mode) ? ('in' as const) : ('stowed' as const) }),
    ...(keepsDirection(model) !== 'no' && { direction: mode.direction }),
  }
  const c: Case = {
    format: CASE_FORMAT,
    version: CASE_VERSION,
    today: TODAY,
    child,
    vehicle,
    restraints: [model],
    units: [buildUnit({ modelId: model.id, madeOn: IsoDate('2024-06-01'), ...isWhole })],
    choice: {
      modelId: model.id,
      unitId: UnitId('unit-1'),
      modeId: mode.id,
      positionId: position.id,
      routeId: route.id,
      at: Sequence(1),
    },
    settings: mode.shape === 'booster-cushion' ? { vehicleHeadRestraint: { value: 'on', at: Sequence(2) } } : {},
    disturbances: {},
    readings: {},
    practice: DEFAULT_PRACTICE,
    localRule: DEFAULT_LOCAL_RULE,
    ...(ageInMonths(child.dateOfBirth!, TODAY) < 6 && { journeyMinutes: 20 }),
  }
  return withEverythingGood(c)
}

/** Shoulder heights to try, in mm, when the straps of a mode do not serve the usual one. */
const SHOULDERS = [200, 230, 250, 270, 290, 310, 330, 350, 370, 400, 430]

/** The first child of those tried for whom the fitting is ready; `undefined` where none is. */
export function readyFitting(
  model: RestraintModel,
  mode: Mode,
  route: Route,
  vehicle: Vehicle,
  position: SeatingPosition,
): Case | undefined {
  const first = fittingOf(model, mode, route, vehicle, position)
  if (assess(first).verdict === 'ready') return first
  for (const mm of SHOULDERS) {
    const child = { ...first.child, seatedShoulderHeightMm: measured(mm, 2) }
    const again = withEverythingGood({ ...first, child, settings: {}, readings: {} })
    if (assess(again).verdict === 'ready') return again
  }
  return undefined
}

/** Every mode × route × suitable place of the demo that can be made ready. */
export function demoFittings(): ReadonlyMap<string, Case> {
  const shelf = demo('restraints.json')
  const found = new Map<string, Case>()
  for (const vehicle of demo('pool-cars.json').vehicles!) {
    for (const model of shelf.models!) {
      for (const mode of model.modes) {
        const circumstances = {
          today: TODAY,
          child: childFor(mode),
          practice: DEFAULT_PRACTICE,
          localRule: DEFAULT_LOCAL_RULE,
        }
        for (const { position, routes } of matchPlaces(circumstances, vehicle, {
          model,
          mode,
          unit: buildUnit({ modelId: model.id }),
        })) {
          for (const { route, findings } of routes) {
            if (
              findings.some(
                (f) =>
                  f.outcome.kind === 'fail' &&
                  (f.outcome.severity ?? f.rule.severity) === 'stop' &&
                  f.rule.scope === 'place',
              )
            )
              continue
            const c = readyFitting(model, mode, route, vehicle, position)
            if (c) found.set(`${model.id}/${mode.id}/${route.id} in ${vehicle.id}/${position.id}`, c)
          }
        }
      }
    }
  }
  return found
}

const belt = BELT_ROUTE.belt!
const middle = buildPosition({ id: 'rear-middle', label: 'Rear middle', side: 'centre', lateralCentreMm: 0 })
const made = (parts: Parameters<typeof buildCase>[0], over: (c: Case) => Case = (c) => c): Case =>
  withEverythingGood(over(buildCase(parts)))
const points = [
  { kind: 'ring', side: 'left' },
  { kind: 'ring', side: 'right' },
] as const

/** Kinds made up for the tests; each is ready to travel. */
export const MADE_UP: Readonly<Record<string, Case>> = {
  'lie-flat on two places': made({
    mode: {
      direction: 'lateral',
      shape: 'lie-flat',
      reclines: undefined,
      headRule: 'crown-inside',
      carryHandle: { travelPosition: 'down' },
    },
    route: {
      ...BELT_ROUTE,
      seatsTaken: 2,
      scope: 'semi-universal',
      approvedPlaces: [{ vehicleId: VehicleId('corran-plover'), positionIds: ['rear-left', 'rear-middle'] }],
      belt: {
        ...belt,
        needs: 'three-point-or-lap',
        lock: { kind: 'tension-only' },
        path: [
          { section: 'lap', mark: 'strap at the head', side: 'centre', how: 'through', place: 'head-end' },
          { section: 'lap', mark: 'strap at the feet', side: 'centre', how: 'through', place: 'foot-end' },
        ],
      },
    },
    others: [middle],
  }),
  'carrier on its base, two units': made(
    {
      mode: { shape: 'infant-shell', headRule: 'crown-inside', carryHandle: { travelPosition: 'up' } },
      model: {
        parts: [
          { id: 'shell', name: 'Shell', massKg: 5 },
          { id: 'base', name: 'Base', massKg: 9 },
        ],
      },
      unit: { partId: 'shell' },
      route: buildRoute({
        usesBase: true,
        leg: { ...buildRoute().leg!, proofs: [{ id: 'p', what: 'window', kind: 'window' }] },
      }),
    },
    (c) => ({
      ...c,
      units: [...c.units!, buildUnit({ id: UnitId('unit-2'), serial: 'B-2', partId: 'base' })],
      choice: { ...c.choice, baseUnitId: UnitId('unit-2') },
    }),
  ),
  'loose clip': made({
    route: {
      ...BELT_ROUTE,
      belt: {
        ...belt,
        lock: { kind: 'locking-clip', fromTongueMm: 0, section: 'both', neededWith: ['emergency-locking'] },
      },
    },
  }),
  'switchable retractor for a lock': made({
    route: { ...BELT_ROUTE, belt: { ...belt, lock: { kind: 'switchable-retractor' } } },
    position: { belt: { kind: 'three-point', retractor: 'switchable' } },
  }),
  'soft connectors': made({
    mode: FORWARD,
    route: { ...TETHER_ROUTE, isofix: { connectors: 'strap', role: 'holds', pushedHome: 'any-length' } },
  }),
  'arms at any length that creep': made({
    route: buildRoute({
      isofix: {
        connectors: 'rigid',
        role: 'holds',
        pushedHome: 'any-length',
        armsMayRetract: true,
        armsMayCreep: true,
      },
    }),
  }),
  'shell that lifts off its base': made({
    mode: { turns: { locks: [{ id: 't', what: 'ring', kind: 'click' }], forwardGuard: true }, sidePod: true },
    route: buildRoute({ usesBase: true, reboundBar: { hasRatchet: true } }),
  }),
  'harness that follows the head support': made({
    mode: { ...FORWARD, strap: { adjuster: { kind: 'follows-head-support', fromMm: 250, toMm: 420 } } },
    route: TETHER_ROUTE,
  }),
  'floating fit, gaps accepted': made({
    mode: FORWARD,
    route: { ...TETHER_ROUTE, gapAccepted: { behindBase: true, underBase: true } },
  }),
  'front place, rearward': made({
    position: { row: 1, frontAirbag: 'can-be-switched-off', frontClearanceMm: measured(900, 10) },
  }),
  'front place, forward': made({
    mode: FORWARD,
    route: { ...TETHER_ROUTE, frontAirbag: 'off' },
    position: {
      row: 1,
      frontAirbag: 'can-be-switched-off',
      handbook: { ...buildPosition().handbook, forwardAirbag: 'either' },
    },
  }),
  'lower tethers, led either way': made({
    route: {
      ...BELT_ROUTE,
      lowerTethers: { use: 'required', points: ['ring'], lead: 'either' },
      leg: buildRoute().leg,
    },
    position: { lowerTetherPoints: [...points] },
  }),
  'advised tethers': made({
    mode: FORWARD,
    route: { ...buildRoute({ fixture: 'F2X' }), topTether: { use: 'optional' } },
  }),
  'level line, slope unknown': made({
    mode: {
      angleProof: { kind: 'level-line', what: 'The red line lies level' },
      wedge: { allowed: true, heightMm: 40, baseLengthMm: 380 },
    },
    settings: { wedge: { value: false, at: Sequence(2) } },
    position: { cushion: { frontEdgeAboveFloorMm: measured(355, 2) } },
  }),
  'maker’s own figures': made({
    mode: {
      slackMm: { fromMm: 2, toMm: 12 },
      steadinessMm: 15,
      targetAngleDeg: { from: 20, to: 34 },
      strap: { adjuster: { kind: 'slots', heightsMm: [230, 280, 290] }, justMm: 20 },
    },
    route: buildRoute({ limits: { massKg: { to: 16 } }, vehicleHeadRestraint: 'off' }),
    settings: { vehicleHeadRestraint: { value: 'off-and-stowed', at: Sequence(2) } },
  }),
  'floor box, bench that slides, console': made({
    position: {
      without: undefined,
      floor: { kind: 'box-allowed-when-propped' },
      slidingTrack: { travelMm: 160, handbookSetting: 'Fully back.' },
      obstacles: ['removable-console'],
    },
  }),
  'vehicle maker’s own list': made({
    route: { ...BELT_ROUTE, scope: 'semi-universal', approvedPlaces: undefined } as Route,
    position: {
      handbook: { beltGroups: { I: 'L', II: 'L', '0+': 'L', '0': 'L' }, listedModelIds: [ModelId('halyard')] },
    },
  }),
  'newer handbook': made({
    route: BELT_ROUTE,
    position: {
      handbook: { table: { universalBelted: true, rearward: 'R2', forward: 'F2X', booster: 'B3', legPermitted: true } },
    },
  }),
  'flatter position that the maker lists': made({
    mode: {
      reclines: [
        { id: 'r1', label: '1', shellAngleDeg: 40 },
        { id: 'r2', label: 'flat', shellAngleDeg: 62, flatterInCarUntil: { massKg: 13 } },
      ],
      targetAngleDeg: { from: 30, to: 55 },
    },
    settings: { recline: { value: 'r2', at: Sequence(2) } },
  }),
  booster: made({
    mode: { ...BOOSTER, crotchBeltGuide: true, guideAboveShoulderMm: { fromMm: 0, toMm: 17 } },
    child: { massKg: measured(19), statureCm: measured(112), dateOfBirth: IsoDate('2021-02-02') },
  }),
  'booster steadied by connectors': made({
    mode: { ...BOOSTER, routes: undefined },
    route: { ...BOOSTER.routes![0]!, isofix: { connectors: 'rigid', role: 'steadies' } },
    child: { massKg: measured(19), statureCm: measured(112), dateOfBirth: IsoDate('2021-02-02') },
  }),
  cushion: made({
    mode: {
      ...BOOSTER,
      shape: 'booster-cushion',
      headRule: 'ears-below-vehicle-head-restraint',
      statureCm: { from: 125, to: 150 },
    },
    child: { massKg: measured(26), statureCm: measured(131), dateOfBirth: IsoDate('2018-02-02') },
    settings: { vehicleHeadRestraint: { value: 'on', at: Sequence(2) } },
  }),
  'newborn in an infant shell': made(
    {
      mode: {
        shape: 'infant-shell',
        headRule: 'crown-inside',
        carryHandle: { travelPosition: 'up' },
        statureCm: { from: 45, to: 87 },
        inserts: [
          {
            id: 'pad',
            name: 'Newborn pad',
            thicknessMm: 20,
            requiredUntil: { statureCm: 60 },
            allowedUntil: { statureCm: 66 },
          },
        ],
      },
      child: {
        dateOfBirth: IsoDate('2026-10-20'),
        headControl: 'none',
        bornAtWeeks: 39,
        birthMassKg: measured(3.3, 0.02),
        massKg: measured(4.1, 0.05),
        statureCm: measured(54, 0.5),
        seatedShoulderHeightMm: measured(222, 4),
      },
      position: { cushion: { slopeDeg: measured(0, 0.4), frontEdgeAboveFloorMm: measured(355, 2) } },
    },
    (c) => ({ ...c, journeyMinutes: 25 }),
  ),
  'preterm, advised': made({
    mode: { shape: 'infant-shell', headRule: 'crown-inside', statureCm: { from: 45, to: 87 } },
    child: {
      dateOfBirth: IsoDate('2026-10-20'),
      headControl: 'none',
      bornAtWeeks: 34,
      birthMassKg: measured(2.2, 0.02),
      massKg: measured(3.1, 0.05),
      statureCm: measured(50, 0.5),
      seatedShoulderHeightMm: measured(232, 2),
      advice: { by: 'M. Lorne', role: 'neonatal nurse', on: IsoDate('2026-11-20'), outcome: 'semi-reclined-rearward' },
    },
    position: { cushion: { slopeDeg: measured(0, 0.4), frontEdgeAboveFloorMm: measured(355, 2) } },
  }),
  'UN R44 by belt': made({
    mode: {
      approval: { regulation: 'R44', series: '04', groups: ['0+', 'I'] },
      statureCm: undefined,
      massKg: { to: 18 },
    },
    route: { ...BELT_ROUTE, belt: { ...belt, requiredLengthMm: 2000, pathEdgeAboveBightMm: 120 } },
    position: {
      belt: {
        kind: 'three-point',
        usableLengthMm: measured(2300, 20),
        buckleTopMm: measured(95, 5),
        retractor: 'emergency-locking',
      },
    },
  }),
}

export const stated = stateMode
export const modelOf = (mode: Mode): RestraintModel => buildModel([mode])
