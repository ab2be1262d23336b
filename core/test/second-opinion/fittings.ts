import { IsoDate, Sequence, VehicleId } from '../../src/ground/index.ts'
import { checkOf, CHECK_IDS, type Case, type CheckId } from '../../src/index.ts'
import { randomStream, type RandomStream } from '../../src/index.ts'
import { MADE_UP } from '../kinds.ts'

/**
 * Random fittings from a seed: a sound one of some kind, with a few things about
 * it changed, taken away, entered late or made worse. Most of what goes wrong in
 * a bay goes wrong one thing at a time.
 */

type Doc = any // eslint-disable-line @typescript-eslint/no-explicit-any -- it changes documents of every shape
const clone = (c: Case): Doc => JSON.parse(JSON.stringify(c))

/** Kinds that random fittings begin from. */
const KINDS = Object.entries(MADE_UP)

interface Dice {
  readonly pick: <T>(items: readonly T[]) => T
  readonly between: (from: number, to: number) => number
}
const diceOf = (random: RandomStream): Dice => ({
  pick: (items) => items[Math.min(items.length - 1, Math.floor(random.uniform() * items.length))]!,
  between: (from, to) => Math.round((from + random.uniform() * (to - from)) * 10) / 10,
})

const some = (from: number, to: number, plusMinus: number, dice: Dice) => ({
  value: dice.between(from, to),
  plusMinus,
  source: 'measured',
})

type Change = (d: Doc, dice: Dice) => void
const at = (d: Doc) => {
  const model = d.restraints.find((m: Doc) => m.id === d.choice.modelId)
  const mode = model.modes.find((m: Doc) => m.id === d.choice.modeId)
  return {
    model,
    mode,
    route: mode.routes.find((r: Doc) => r.id === d.choice.routeId),
    place: d.vehicle.positions.find((p: Doc) => p.id === d.choice.positionId),
    unit: d.units[0],
  }
}
/** Takes away one field of a record, whichever the dice say. */
const lose = (record: Doc, dice: Dice, keep: readonly string[]): void => {
  const keys = Object.keys(record ?? {}).filter((k) => !keep.includes(k))
  if (keys.length > 0) delete record[dice.pick(keys)]
}

export const CHANGES: Readonly<Record<string, Change>> = {
  'child weighs otherwise': (d, dice) => (d.child.massKg = some(2, 36, dice.pick([0, 0.1, 1]), dice)),
  'child is of another stature': (d, dice) => (d.child.statureCm = some(45, 150, dice.pick([0, 0.5, 3]), dice)),
  'shoulder elsewhere': (d, dice) => (d.child.seatedShoulderHeightMm = some(180, 480, dice.pick([0, 4, 10]), dice)),
  'measured a while ago': (d, dice) => {
    const on = new Date(Date.parse(d.today) - dice.pick([14, 15, 30, 31, 61, 91, 121, 200, 400]) * 86_400_000)
    for (const measure of ['massKg', 'statureCm', 'seatedShoulderHeightMm', 'sittingHeightMm'])
      if (d.child[measure] !== undefined && dice.pick([true, false]))
        d.child[measure].on = on.toISOString().slice(0, 10)
  },
  'born on another day': (d, dice) =>
    (d.child.dateOfBirth = dice.pick([
      '2026-10-25',
      '2026-07-25',
      '2026-04-25',
      '2025-12-01',
      '2025-08-25',
      '2025-08-24',
      '2024-01-01',
      '2020-05-05',
      undefined,
    ])),
  'head control said or not': (d, dice) => (d.child.headControl = dice.pick(['none', 'steady', undefined])),
  birth: (d, dice) => {
    d.child.bornAtWeeks = dice.pick([30, 36, 37, 40, undefined])
    d.child.birthMassKg = dice.pick([undefined, { value: 2.4, source: 'told' }, { value: 3.3, source: 'told' }])
  },
  posture: (d, dice) => (d.child.needsPostureSpecialist = dice.pick([true, false, undefined])),
  advised: (d, dice) =>
    (d.child.advice = {
      by: 'M. Lorne',
      role: 'nurse',
      on: IsoDate('2026-11-20'),
      outcome: dice.pick(['lie-flat-only', 'semi-reclined-rearward', 'not-yet-by-car']),
    }),
  'clothes on the scale': (d, dice) => (d.child.weighedIn = dice.pick(['bare', 'indoor-clothes', 'outdoor-clothes'])),
  'ranges of the mode': (d, dice) => {
    const { mode } = at(d)
    mode.massKg = dice.pick([
      undefined,
      { to: dice.between(5, 30) },
      { from: dice.between(2, 12) },
      { from: 4, to: 25 },
    ])
  },
  'limits of the route': (d, dice) => {
    const { route } = at(d)
    route.without = (route.without ?? []).filter((p: string) => p !== 'limits')
    route.limits = { massKg: { to: dice.between(5, 30) } }
  },
  'heavier restraint': (d, dice) => (at(d).model.massKg = dice.between(4, 24)),
  'handbook’s own sum': (d, dice) =>
    at(d).place.isofix && (at(d).place.isofix.maxTotalMassKg = dice.pick([25, 33, 36])),
  'something not read of the mode': (d, dice) =>
    lose(at(d).mode, dice, ['id', 'label', 'approval', 'shape', 'direction', 'heldBy', 'routes', 'statureCm']),
  'something not read of the route': (d, dice) => {
    const { mode, route } = at(d)
    lose(route, dice, [
      'id',
      'label',
      'scope',
      route.belt && !route.isofix ? 'belt' : '',
      route.isofix && !route.belt ? 'isofix' : '',
      mode.heldBy === 'vehicle-belt' ? 'belt' : '',
    ])
  },
  'a part no longer said to be none': (d, dice) => {
    const target = dice.pick([at(d).mode, at(d).route, at(d).place])
    if (target.without?.length > 0) target.without.splice(Math.floor(dice.between(0, target.without.length - 1)), 1)
  },
  'something not looked at in the car': (d, dice) => lose(at(d).place, dice, ['id', 'label', 'row', 'side']),
  'something not read in the handbook': (d, dice) => lose(at(d).place.handbook, dice, []),
  letters: (d, dice) => {
    const { place } = at(d)
    place.handbook = {
      ...place.handbook,
      beltGroups: {
        ...place.handbook?.beltGroups,
        [dice.pick(['0', '0+', 'I', 'II', 'III'])]: dice.pick(['U', 'UF', 'L', 'B', 'X']),
      },
    }
  },
  'ISOFIX letter': (d, dice) =>
    (at(d).place.handbook = { ...at(d).place.handbook, isofix: dice.pick(['IUF', 'IL', 'X', undefined]) }),
  'i-Size mark': (d, dice) =>
    (at(d).place.handbook = { ...at(d).place.handbook, iSize: dice.pick(['i-U', 'i-UF', 'X', undefined]) }),
  fixtures: (d, dice) =>
    (at(d).place.handbook = {
      ...at(d).place.handbook,
      fixtures: dice.pick([[], ['R1'], ['R3'], ['F3'], ['R2', 'F2X'], ['B2']]),
    }),
  'newer table': (d, dice) =>
    (at(d).place.handbook = {
      ...at(d).place.handbook,
      table: dice.pick([
        { universalBelted: false },
        { universalBelted: true },
        { legPermitted: false },
        { rearward: 'none' },
        { rearward: 'R1' },
        { forward: 'F3' },
      ]),
    }),
  scope: (d, dice) => (at(d).route.scope = dice.pick(['universal', 'semi-universal', 'i-size', 'vehicle-specific'])),
  'list of cars': (d, dice) =>
    (at(d).route.approvedPlaces = dice.pick([
      [],
      [{ vehicleId: d.vehicle.id, positionIds: [d.choice.positionId] }],
      [{ vehicleId: d.vehicle.id, positionIds: [] }],
      [{ vehicleId: VehicleId('another'), positionIds: ['rear-left'] }],
    ])),
  floor: (d, dice) =>
    (at(d).place.floor = dice.pick([
      undefined,
      { kind: 'solid' },
      { kind: 'box-not-allowed' },
      { kind: 'box-allowed-when-propped' },
      { kind: 'none' },
      { kind: 'solid', matMayStay: true },
    ])),
  belt: (d, dice) =>
    (at(d).place.belt = dice.pick([
      undefined,
      { kind: 'lap' },
      { kind: 'none' },
      { kind: 'three-point' },
      { kind: 'three-point', retractor: 'switchable' },
      { kind: 'three-point', retractor: 'emergency-locking' },
    ])),
  lock: (d, dice) =>
    at(d).route.belt &&
    (at(d).route.belt.lock = dice.pick([
      { kind: 'free' },
      { kind: 'switchable-retractor' },
      { kind: 'tension-only' },
      { kind: 'locking-clip', fromTongueMm: 0 },
      { kind: 'lock-off', section: 'lap', side: 'door-side' },
    ])),
  airbag: (d, dice) =>
    (at(d).place.frontAirbag = dice.pick([
      undefined,
      'none',
      'can-be-switched-off',
      'cannot-be-switched-off',
      'automatic',
    ])),
  'airbag words': (d, dice) => {
    at(d).place.handbook = {
      ...at(d).place.handbook,
      forwardAirbag: dice.pick(['on', 'off', 'either', undefined]),
      automaticCutOffCounts: dice.pick([true, false, undefined]),
    }
    at(d).route.frontAirbag = dice.pick(['on', 'off', 'either', undefined])
  },
  'another row': (d, dice) => (at(d).place.row = dice.pick([1, 2, 3])),
  'another side': (d, dice) => (at(d).place.side = dice.pick(['left', 'centre', 'right'])),
  slope: (d, dice) =>
    at(d).place.cushion && (at(d).place.cushion.slopeDeg = dice.pick([undefined, some(-5, 25, 1, dice)])),
  'height over the floor': (d, dice) =>
    at(d).place.cushion &&
    (at(d).place.cushion.frontEdgeAboveFloorMm = dice.pick([undefined, some(280, 500, 2, dice)])),
  'target of the maker': (d, dice) =>
    (at(d).mode.targetAngleDeg = dice.pick([
      undefined,
      { from: dice.between(10, 40) },
      { to: dice.between(20, 50) },
      { from: 20, to: 45 },
    ])),
  reclines: (d, dice) =>
    (at(d).mode.reclines = dice.pick([undefined, [], [{ id: 'r1', label: '1', shellAngleDeg: dice.between(10, 60) }]])),
  'figures of the maker': (d, dice) =>
    Object.assign(
      at(d).mode,
      dice.pick([
        { slackMm: { fromMm: dice.between(0, 8), toMm: dice.between(9, 30) } },
        { steadinessMm: dice.between(0, 30) },
        { guideAboveShoulderMm: { fromMm: 5, toMm: 12 } },
        { headBelowEdgeMm: 30 },
      ]),
    ),
  touch: (d, dice) => (at(d).route.frontSeat = dice.pick([undefined, 'must-touch', 'must-not-touch', 'either'])),
  'gaps accepted': (d, dice) =>
    (at(d).route.gapAccepted = dice.pick([undefined, { behindBase: true }, { underBase: true }])),
  'something not looked at of the place beside': (d, dice) => {
    const beside = d.vehicle.positions.find((p: Doc) => p.id !== d.choice.positionId)
    lose(dice.pick([beside, beside?.handbook]), dice, ['id', 'label', 'row', 'side'])
  },
  'belts of a stated length': (d, dice) => {
    if (at(d).route.belt === undefined) return
    at(d).route.belt.requiredLengthMm = 1900
    for (const p of d.vehicle.positions)
      if (p.belt) p.belt.usableLengthMm = { value: dice.pick([1800, 1905, 2100]), plusMinus: 10, source: 'measured' }
  },
  'another belt beside': (d, dice) => {
    for (const p of d.vehicle.positions)
      if (p.id !== d.choice.positionId) p.belt = { ...p.belt, kind: dice.pick(['three-point', 'lap', 'none']) }
  },
  'the place beside is elsewhere': (d, dice) => {
    for (const p of d.vehicle.positions)
      if (p.id !== d.choice.positionId)
        Object.assign(p, { row: dice.pick([1, 2]), lateralCentreMm: dice.pick([0, 100, 600]) })
  },
  'the base is another': (d, dice) => {
    const base = d.units[1]
    if (base === undefined) return
    dice.pick([
      () => delete d.choice.baseUnitId,
      () => (base.wasInCrash = true),
      () => lose(base, dice, ['id', 'modelId', 'serial']),
      () => (base.madeOn = dice.pick(['2016-11-25', '2016-11-24', '2024-01-01'])),
      () => (d.choice.unitId = base.id),
      () => (base.partId = 'shell'),
    ])()
  },
  'lower tethers otherwise': (d, dice) => {
    const { route, place } = at(d)
    if (route.lowerTethers === undefined) return
    dice.pick([
      () => (route.lowerTethers.use = dice.pick(['required', 'optional'])),
      () =>
        (d.readings['lower-tethers-used'] = { option: dice.pick(['hooked', 'left-off', 'unsure']), at: Sequence(3) }),
      () => (place.lowerTetherPoints = place.lowerTetherPoints?.slice(1)),
      () => (route.lowerTethers.points = dice.pick([['ring'], ['runner']])),
    ])()
  },
  'something not known of the unit': (d, dice) => lose(at(d).unit, dice, ['id', 'modelId', 'serial']),
  unit: (d, dice) =>
    Object.assign(
      at(d).unit,
      dice.pick([
        { wasInCrash: true },
        { isRecalled: true },
        { lifeEndsOn: IsoDate('2026-11-24') },
        { lifeEndsOn: IsoDate('2026-11-25') },
        { isComplete: false },
      ]),
    ),
  practice: (d, dice) =>
    Object.assign(
      d.practice,
      dice.pick([
        { slack: 'two-fingers' },
        { slack: 'pinch' },
        { steadiness: 'nothing-felt' },
        { infantHead: 'margin-25-mm' },
        { knees: 'advised' },
        { infantAngle: 'upright-as-airway-allows' },
      ]),
    ),
  'a setting taken away': (d, dice) => lose(d.settings, dice, []),
  'a setting changed late': (d, dice) => {
    const id = dice.pick(Object.keys(d.settings))
    if (id !== undefined) d.settings[id] = { ...d.settings[id], at: Sequence(9) }
  },
  'another strap height': (d, dice) =>
    d.settings.strapHeightMm && (d.settings.strapHeightMm.value = dice.pick([230, 255, 280, 305, 330])),
  'another notch': (d, dice) => d.settings.legNotch && (d.settings.legNotch.value = dice.pick([1, 5, 6, 7, 8, 12])),
  'something happened': (d, dice) =>
    (d.disturbances[
      dice.pick([
        'connectors',
        'base',
        'tether',
        'turned',
        'harness',
        'clothes',
        'removed',
        'left',
        'driven',
        'carrier',
        'child',
      ])
    ] = { at: Sequence(9) }),
  'a reading taken away': (d, dice) => lose(d.readings, dice, []),
  'a reading is another': (d, dice) => {
    const id = dice.pick(Object.keys(d.readings)) as CheckId | undefined
    if (id === undefined) return
    const check = checkOf(id)
    d.readings[id] =
      check.kind === 'number'
        ? {
            number: some(Math.max(check.min, -30), Math.min(check.max, 60), dice.pick([0, 2, 6]), dice),
            at: Sequence(3),
          }
        : { option: dice.pick(check.options).id, at: Sequence(3) }
  },
  'a reading shows what it showed before': (d) =>
    d.readings['latch-left'] && (d.readings['latch-left'].before = d.readings['latch-left'].option),
  'made long ago': (d, dice) => {
    const id = dice.pick(Object.keys(d.readings))
    if (id !== undefined) d.readings[id].at = 0
  },
  'retractor tested': (d, dice) =>
    (d.readings.retractor = {
      option: dice.pick(['switchable', 'emergency-locking', 'static', 'unsure']),
      at: Sequence(3),
    }),
  'angle measured': (d, dice) => (d.readings['shell-angle-deg'] = { number: some(5, 60, 1, dice), at: Sequence(3) }),
  'identity in doubt': (d, dice) =>
    (d.identity = {
      field: 'dateOfBirth',
      was: '2025-01-01',
      at: Sequence(4),
      ...dice.pick([{}, { answer: 'corrected' }]),
    }),
}
const NAMES = Object.keys(CHANGES)

export interface RandomFitting {
  readonly seed: number
  readonly kind: string
  readonly changes: readonly string[]
  readonly case: Case
}

const withoutUndefined = (d: Doc): Doc => JSON.parse(JSON.stringify(d))

export function randomFitting(seed: number): RandomFitting {
  const random = randomStream(seed)
  const dice = diceOf(random)
  const [kind, base] = dice.pick(KINDS)
  const d = clone(base)
  const changes = Array.from({ length: dice.pick([0, 1, 1, 1, 2, 2, 3]) }, () => dice.pick(NAMES))
  for (const name of changes) CHANGES[name]!(d, dice)
  return { seed, kind, changes, case: withoutUndefined(d) as Case }
}
export const ALL_CHECKS = CHECK_IDS
