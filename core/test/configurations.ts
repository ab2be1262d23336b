import { IsoDate, Sequence, UnitId } from '../src/ground/index.ts'
import { half, inRide, other, REST_OF_CAR } from './ride.ts'
import {
  BELT_ROUTE,
  BOOSTER,
  buildCase,
  buildPosition,
  buildRoute,
  buildStatedMode,
  FORWARD,
  TETHER_ROUTE,
} from './build.ts'
import { measured, type Case } from '../src/index.ts'

export const INFANT = {
  shape: 'infant-shell',
  headRule: 'crown-inside',
  carryHandle: { travelPosition: 'upright' },
} as const
/** One case of every kind of restraint and route that the rules must serve. */
export const CONFIGURATIONS: Record<string, Case> = {
  'ISOFIX with leg': buildCase({ route: buildRoute({ frontSeat: 'must-not-touch' }) }),
  'one of a ride': inRide(
    buildCase({
      others: REST_OF_CAR,
      mode: { halfWidths: half(190) },
      position: {
        frontSeatRangeMm: { fullyBackMm: 640, fullyForwardMm: 860 },
        sharedWith: [{ part: 'tether', positionId: 'rear-centre' }],
      },
      settings: { frontSeatGapMm: { value: 640, at: Sequence(2) } },
    }),
    [
      other(180, { takes: ['bars'], unitIds: [UnitId('beside')] }),
      other(200, { id: 'on-front', positionIds: ['front-left'] }),
    ],
  ),
  'turning shell': buildCase({
    mode: { turns: { locks: [{ id: 't', what: 'ring', kind: 'click' }], forwardGuard: true }, sidePod: true },
    child: { dateOfBirth: IsoDate('2025-10-01'), headControl: 'steady', bornAtWeeks: 39 },
  }),
  'insert out while threading': buildCase({
    route: {
      ...BELT_ROUTE,
      steps: [
        { id: 'insert-out', text: 'Take the insert out.', pairWith: 'insert-back', onlyBefore: 'attaching' },
        { id: 'insert-back', text: 'Put the insert back.', after: ['lock-belt'] },
      ],
    },
  }),
  'leg with an indicator': buildCase({
    route: buildRoute({ leg: { ...buildRoute().leg!, proofs: [{ id: 'p', what: 'window', kind: 'window' }] } }),
  }),
  'forward with tether': buildCase({ mode: FORWARD, route: TETHER_ROUTE }),
  'belt, buckle edge': buildCase({
    route: { ...BELT_ROUTE, belt: { ...BELT_ROUTE.belt!, pathEdgeAboveBightMm: 120 } },
  }),
  'belt with lower tethers': buildCase({
    route: { ...BELT_ROUTE, lowerTethers: { use: 'required', points: ['ring'] } },
    position: {
      lowerTetherPoints: [
        { kind: 'ring', side: 'left' },
        { kind: 'ring', side: 'right' },
      ],
    },
  }),
  'infant shell on a base': buildCase({ mode: INFANT, route: buildRoute({ usesBase: true }) }),
  'connectors on straps': buildCase({
    mode: FORWARD,
    route: { ...TETHER_ROUTE, isofix: { connectors: 'strap', role: 'holds' } },
  }),
  'front passenger, airbag off': buildCase({ position: { row: 1, frontAirbag: 'can-be-switched-off' } }),
  'forward in front': buildCase({
    mode: FORWARD,
    route: { ...TETHER_ROUTE, frontAirbag: 'either' },
    position: {
      row: 1,
      frontAirbag: 'can-be-switched-off',
      handbook: { ...buildPosition().handbook, forwardAirbag: 'on' },
    },
  }),
  'carry-cot': buildCase({
    mode: { direction: 'lateral', shape: 'lie-flat', reclines: undefined, headRule: 'crown-inside' },
    route: {
      ...BELT_ROUTE,
      seatsTaken: 2,
      belt: {
        ...BELT_ROUTE.belt!,
        path: [
          { section: 'lap', mark: 'strap at the head end', side: 'centre', how: 'through', place: 'head-end' },
          { section: 'lap', mark: 'strap at the foot end', side: 'centre', how: 'through', place: 'foot-end' },
        ],
      },
    },
    others: [buildPosition({ id: 'rear-middle', label: 'Rear middle', side: 'centre', lateralCentreMm: 0 })],
  }),
  booster: buildCase({ mode: BOOSTER, child: { massKg: measured(19), statureCm: measured(112) } }),
  'nothing to pinch': buildCase({ practice: { slack: 'pinch' } }),
  'infant of four months': buildCase({
    mode: INFANT,
    child: {
      dateOfBirth: IsoDate('2026-07-10'),
      headControl: 'none',
      bornAtWeeks: 40,
      birthMassKg: measured(3.4),
      massKg: measured(6.8, 0.05),
      statureCm: measured(64, 0.5),
      seatedShoulderHeightMm: measured(245, 4),
    },
    position: { cushion: { slopeDeg: measured(0, 0.5), frontEdgeAboveFloorMm: measured(355, 2) } },
  }),
  'nothing to be felt': buildCase({ practice: { steadiness: 'nothing-felt' } }),
  'loose clip': buildCase({
    route: {
      ...BELT_ROUTE,
      belt: { ...BELT_ROUTE.belt!, lock: { kind: 'locking-clip', fromTongueMm: 0, section: 'both' } },
    },
    position: { belt: { kind: 'three-point' } },
  }),
  'switchable retractor': buildCase({
    route: { ...BELT_ROUTE, belt: { ...BELT_ROUTE.belt!, lock: { kind: 'switchable-retractor' } } },
    position: { belt: { kind: 'three-point', retractor: 'switchable' } },
  }),
  'belt without a lock': buildCase({
    route: { ...BELT_ROUTE, belt: { ...BELT_ROUTE.belt!, lock: { kind: 'tension-only' } } },
  }),
  'floor box': buildCase({ position: { floor: { kind: 'box-allowed-when-propped' } } }),
  'rebound bar': buildCase({ route: buildRoute({ reboundBar: { hasRatchet: true } }) }),
  'advised tethers': buildCase({
    mode: FORWARD,
    route: {
      ...buildRoute({ fixture: 'F2X' }),
      topTether: { use: 'optional' },
      lowerTethers: { use: 'optional', points: ['ring'] },
    },
    position: {
      lowerTetherPoints: [
        { kind: 'ring', side: 'left' },
        { kind: 'ring', side: 'right' },
      ],
    },
  }),
  'maker’s level line': buildCase({
    mode: { angleProof: { kind: 'level-line', what: 'The red line lies level' } },
    position: { cushion: { frontEdgeAboveFloorMm: measured(355, 2) } },
  }),
  'bench that slides': buildCase({
    position: {
      without: undefined,
      slidingTrack: { travelMm: 160, handbookSetting: 'Fully back.' },
      obstacles: ['removable-console'],
    },
  }),
  'cushion with a guide between the legs': buildCase({
    mode: {
      ...BOOSTER,
      shape: 'booster-cushion',
      headRule: 'ears-below-vehicle-head-restraint',
      crotchBeltGuide: true,
      statureCm: { from: 125, to: 150 },
    },
    child: { massKg: measured(26), statureCm: measured(131), dateOfBirth: IsoDate('2018-02-02') },
    settings: { vehicleHeadRestraint: { value: 'on', at: Sequence(2) } },
  }),
  'padding of a smaller child, out': buildCase({
    mode: { inserts: [] },
    model: {
      modes: [
        buildStatedMode({ inserts: [] }),
        buildStatedMode({
          id: 'smaller',
          label: 'Smaller child',
          inserts: [{ id: 'pad', name: 'pad', thicknessMm: 20 }],
        }),
      ],
    },
  }),
}
