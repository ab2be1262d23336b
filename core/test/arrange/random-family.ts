import { IsoDate, ModelId, UnitId, VehicleId } from '../../src/ground/index.ts'
import {
  ARRANGE_FORMAT,
  ARRANGE_VERSION,
  DEFAULT_LOCAL_RULE,
  DEFAULT_PRACTICE,
  measured,
  randomStream,
  WIDTH_POINTS,
  type ArrangeRequest,
  type Mode,
  type Pin,
  type RandomStream,
  type RestraintModel,
  type RestraintUnit,
  type Route,
  type SeatingPosition,
  type Vehicle,
} from '../../src/index.ts'
import { BELT_ROUTE, BOOSTER, buildChild, buildModel, buildPosition, buildRoute, buildUnit, FORWARD, stateMode, TETHER_ROUTE, TODAY } from '../build.ts' // prettier-ignore

/** Families, shelves and cars drawn from a seed: made so that much nearly fits, some things are shared, and some facts are missing. */

interface Draw {
  readonly chance: (share: number) => boolean
  readonly whole: (from: number, to: number) => number
  readonly of: <T>(list: readonly T[]) => T
}
const drawFrom = (random: RandomStream): Draw => ({
  chance: (share) => random.uniform() < share,
  whole: (from, to) => from + Math.floor(random.uniform() * (to - from + 1)),
  of: (list) => list[Math.floor(random.uniform() * list.length)]!,
})

const halfWidths = (d: Draw, widthMm: number): NonNullable<Mode['halfWidths']> =>
  Object.fromEntries(
    WIDTH_POINTS.flatMap((point): (readonly [string, { readonly leftMm: number; readonly rightMm: number }])[] => {
      if (d.chance(0.2)) return []
      if (point.startsWith('head') && d.chance(0.3)) return [[point, { leftMm: 0, rightMm: 0 }]]
      const half = Math.round((widthMm / 2) * (0.7 + d.whole(0, 3) / 10))
      return [[point, { leftMm: half, rightMm: half - d.whole(0, 2) * 5 }]]
    }),
  )

const withRoutes = (mode: Mode, routes: readonly Route[]): Mode => ({ ...mode, routes: [...routes] })

function modesOf(d: Draw): Mode[] {
  const widthMm = d.whole(38, 50) * 10
  const width: Partial<Mode> = {
    widthMm,
    ...(d.chance(0.6) && { halfWidths: halfWidths(d, widthMm) }),
    ...(d.chance(0.3) && { extraWidthMm: { side: d.of(['left', 'right', 'both'] as const), mm: d.whole(10, 40) } }),
    ...(d.chance(0.3) && { passable: d.chance(0.5) }),
    ...(d.chance(0.2) && {
      widthSettings: [
        { id: 'narrow', label: 'Narrow', outsideMm: widthMm, ...(d.chance(0.8) && { insideMm: 260 }) },
        { id: 'wide', label: 'Wide', outsideMm: widthMm + 40, insideMm: 320 },
      ],
    }),
  }
  const top = 95 + d.whole(0, 3) * 10
  const belt = {
    ...BELT_ROUTE,
    belt: { ...BELT_ROUTE.belt!, ...(d.chance(0.5) && { sidewaysPlayMm: d.whole(0, 4) * 10 }) },
  }
  const reach = d.chance(0.5) && { shellLengthMm: 600 + d.whole(0, 10) * 10, footFromBackrestMm: 180 }
  const frontSeat = d.of(['either', 'must-touch', 'must-not-touch'] as const)
  const rearward: Mode = {
    ...buildModel().modes[0]!,
    statureCm: { from: 45, to: top },
    massKg: { to: 25 },
    ...width,
    ...reach,
    routes: [],
  }
  const isofix = buildRoute({ frontSeat, ...(d.chance(0.2) && { usesBase: true }) })
  const forward: Mode = { ...rearward, ...FORWARD, statureCm: { from: 76, to: top + 10 } }
  const booster: Mode = {
    ...rearward,
    ...BOOSTER,
    statureCm: { from: 100, to: 150 },
    massKg: undefined,
    routes: BOOSTER.routes!,
  } as Mode
  const kind = d.whole(0, 4)
  const found =
    kind === 0
      ? [withRoutes(rearward, [isofix])]
      : kind === 1
        ? [withRoutes(rearward, [{ ...belt, frontSeat }]), withRoutes(forward, [belt])]
        : kind === 2
          ? [withRoutes(forward, [TETHER_ROUTE, belt])]
          : kind === 3
            ? [booster]
            : [withRoutes(rearward, [isofix, { ...belt, frontSeat }]), withRoutes(forward, [TETHER_ROUTE])]
  return found.map(stateMode)
}

function carOf(d: Draw, id: string): Vehicle {
  const off = d.whole(38, 47) * 10
  const track = (): Partial<SeatingPosition> =>
    d.chance(0.8)
      ? {
          frontSeatRangeMm: { fullyBackMm: 560 + d.whole(0, 6) * 10, fullyForwardMm: 780 },
          frontClearanceMm: measured(660 + d.whole(0, 8) * 10, 10),
        }
      : { frontClearanceMm: measured(700, 10) }
  const isOpen = d.chance(0.1)
  const rear = (side: 'left' | 'centre' | 'right', row: number, more: Partial<SeatingPosition> = {}): SeatingPosition =>
    buildPosition({
      id: `r${row}-${side}`,
      label: `Row ${row} ${side}`,
      row,
      side,
      lateralCentreMm: isOpen && row === 2 ? undefined : { left: -off, centre: 0, right: off }[side],
      isofix: { bars: side === 'centre' && d.chance(0.5) ? 'none' : 'visible' },
      belt: {
        kind: 'three-point',
        ...(side === 'centre' && d.chance(0.5) && { buckleSide: d.of(['left', 'right'] as const) }),
      },
      frontAirbag: 'none',
      ...(row === 2 ? track() : { reachedPast: [`r2-${side === 'centre' ? 'left' : side}`] }),
      ...more,
    })
  const front: SeatingPosition = {
    ...rear('right', 1, { frontAirbag: d.of(['can-be-switched-off', 'cannot-be-switched-off'] as const) }),
    id: 'front',
    label: 'Front passenger',
    reachedPast: undefined,
    lateralCentreMm: 370,
  }
  const driver = buildPosition({
    id: 'driver',
    label: 'Driver',
    row: 1,
    side: 'left',
    lateralCentreMm: -370,
    isDriverSeat: true,
  })
  const middle = rear('centre', 2)
  const places = [
    driver,
    front,
    rear('left', 2),
    ...(d.chance(0.8) ? [middle] : []),
    rear('right', 2),
    ...(d.chance(0.4)
      ? [rear('left', 3, { lateralCentreMm: -off + 60 }), rear('right', 3, { lateralCentreMm: off - 60 })]
      : []),
  ]
  const shared = places.map((p) =>
    p.id === 'r2-centre' && d.chance(0.5)
      ? {
          ...p,
          sharedWith: [{ part: d.of(['bars', 'tether', 'buckle', 'buckle-covered'] as const), positionId: 'r2-left' }],
        }
      : p,
  )
  return {
    id: VehicleId(id),
    maker: 'Corran',
    model: id,
    driverSide: 'left',
    positions: shared.map((p) => JSON.parse(JSON.stringify(p)) as SeatingPosition),
    ...(d.chance(0.3) && { rows: [{ row: 2, trimLeftMm: off + 240, trimRightMm: off + 260 }] }),
  }
}

export interface FamilySize {
  readonly children: number
  readonly models: number
  readonly copies: number
}

/** A question drawn from a seed. */
export function randomFamily(seed: number, size: FamilySize): ArrangeRequest {
  const d = drawFrom(randomStream(seed))
  const children = Array.from({ length: size.children }, (_, i) => {
    const months = d.of([8, 14, 20, 30, 44, 60, 84])
    const statureCm = Math.round(66 + months * 0.75)
    return buildChild({
      id: `child-${i}`,
      name: `Child ${i}`,
      dateOfBirth: IsoDate(new Date(Date.UTC(2026, 10 - months, 12)).toISOString().slice(0, 10)),
      massKg: measured(Math.round((7 + months * 0.19) * 10) / 10, 0.1),
      statureCm: measured(statureCm, 0.5),
      seatedShoulderHeightMm: measured(Math.round(150 + (statureCm - 48) * 3.4), 4),
      bornAtWeeks: 40,
      ...(d.chance(0.5) && { sittingHeightMm: measured(Math.round(statureCm * 5.6), 4) }),
      ...(d.chance(0.5) && { shoulderBreadthMm: measured(d.whole(24, 32) * 10, 3) }),
    })
  })
  const restraints = Array.from({ length: size.models }, (_, i): RestraintModel => {
    const modes = modesOf(d)
    const hasParts = modes[0]!.routes[0]!.usesBase === true
    return buildModel(modes, {
      id: ModelId(`model-${i}`),
      name: `Model ${i}`,
      ...(hasParts && {
        massKg: 14,
        parts: [
          { id: 'shell', name: 'Shell', massKg: 5 },
          { id: 'base', name: 'Base', massKg: 9, isBase: true },
        ],
      }),
    })
  })
  const units = restraints.flatMap((model): RestraintUnit[] => {
    const made = Array.from({ length: d.whole(1, size.copies) }, (_, k) =>
      buildUnit({
        id: UnitId(`${model.id}-${k}`),
        serial: `S-${k}`,
        modelId: model.id,
        ...(model.parts && { partId: 'shell' }),
      }),
    )
    return model.parts
      ? [...made, buildUnit({ id: UnitId(`${model.id}-base`), serial: 'B-0', modelId: model.id, partId: 'base' })]
      : made
  })
  const vehicle = carOf(d, 'car')
  const pin = (): Pin =>
    d.chance(0.5)
      ? { kind: 'child-at', childId: d.of(children).id, positionId: d.of(vehicle.positions).id }
      : { kind: 'restraint-for', childId: d.of(children).id, unitId: d.of(units).id }
  return JSON.parse(
    JSON.stringify({
      format: ARRANGE_FORMAT,
      version: ARRANGE_VERSION,
      today: TODAY,
      children,
      adults: d.chance(0.4)
        ? [
            d.chance(0.5)
              ? { id: 'adult', positionId: 'front', ...(d.chance(0.5) && { seatForwardMm: d.whole(0, 12) * 10 }) }
              : { id: 'adult', shoulderBreadthMm: 460 },
          ]
        : [],
      vehicles: [vehicle],
      restraints,
      units,
      ownedUnitIds: units.filter(() => d.chance(0.2)).map((u) => u.id),
      extrasOff: units.filter(() => d.chance(0.3)).map((u) => u.id),
      taken: d.chance(0.1) ? [{ vehicleId: VehicleId('car'), positionId: d.of(vehicle.positions).id }] : [],
      pins: d.chance(0.15) ? [pin()] : [],
      wishes: d.chance(0.5) ? [pin(), pin()] : [],
      practice: {
        ...DEFAULT_PRACTICE,
        youngestSits: d.of(['anywhere', 'in-the-middle', 'behind-the-passenger'] as const),
      },
      localRule: DEFAULT_LOCAL_RULE,
    } satisfies ArrangeRequest),
  ) as ArrangeRequest
}
