import { IsoDate, ModelId, Sequence, UnitId, VehicleId } from '../ground/index.ts'
import { CASE_FORMAT, CASE_VERSION, type Case } from '../casefile/index.ts'
import { DEFAULT_LOCAL_RULE } from '../law/index.ts'
import { DEFAULT_PRACTICE } from '../practice/index.ts'
import { measured } from '../quantities/index.ts'
import type { Mode } from '../restraint/index.ts'

/** Two made-up fittings with something of everything, that the page of the whole kit draws from; nobody's child, no car of anyone's. */

const SHELL: Mode = {
  id: 'rearward',
  label: 'Rearward, 61–105 cm',
  approval: { regulation: 'R129', series: '03' },
  shape: 'seat',
  direction: 'rearward',
  heldBy: 'harness',
  statureCm: { from: 61, to: 105 },
  massKg: { to: 18 },
  strap: { adjuster: { kind: 'slots', heightsMm: [230, 255, 280, 305, 330] }, rule: 'at-or-just-below' },
  headRule: 'eyes-below-edge',
  shellEdgeMm: 560,
  reclines: [
    { id: 'r1', label: '1', shellAngleDeg: 36 },
    { id: 'r2', label: '2', shellAngleDeg: 42 },
  ],
  angleProof: { kind: 'level-line', what: 'the red line stands level' },
  inserts: [{ id: 'pad', name: 'seat pad', thicknessMm: 15 }],
  wedge: { allowed: true, heightMm: 30, baseLengthMm: 300 },
  carryHandle: { travelPosition: 'towards the backrest' },
  turns: { locks: [{ id: 'turned', what: 'the ring clicks', kind: 'click' }], forwardGuard: true },
  sidePod: true,
  slidesOnBaseMm: 60,
  routes: [
    {
      id: 'everything',
      label: 'ISOFIX, leg and belt',
      scope: 'i-size',
      isofix: { connectors: 'rigid', role: 'holds', pushedHome: 'required' },
      leg: {
        minLengthMm: 300,
        maxLengthMm: 480,
        notches: 11,
        hingeAboveCushionMm: 0,
        angleFromVerticalDeg: 0,
        proofs: [{ id: 'foot', what: 'window at the foot', kind: 'window' }],
      },
      belt: {
        needs: 'three-point',
        path: [
          { section: 'lap', mark: 'blue guide', side: 'buckle-side', how: 'under' },
          { section: 'lap', mark: 'blue guide', side: 'door-side', how: 'under' },
          { section: 'diagonal', mark: 'orange clamp', side: 'door-side', how: 'through' },
        ],
        lock: { kind: 'locking-clip', fromTongueMm: 25, section: 'both' },
      },
      topTether: { use: 'required', headRestraintPath: 'over', goodMm: { fromMm: 15 } },
      lowerTethers: { use: 'required', points: ['ring'], lead: 'crossed' },
      reboundBar: { hasRatchet: true },
      usesBase: true,
      frontSeat: 'either',
    },
  ],
}
const BOOSTER: Mode = {
  id: 'booster',
  label: 'Booster, 100–150 cm',
  approval: { regulation: 'R129', series: '03' },
  shape: 'booster-seat',
  direction: 'forward',
  heldBy: 'vehicle-belt',
  statureCm: { from: 100, to: 150 },
  headRule: 'ears-below-edge',
  shellEdgeMm: 700,
  beltGuideMm: { fromMm: 400, toMm: 620 },
  crotchBeltGuide: true,
  routes: [
    {
      id: 'belt',
      label: 'By the car’s belt',
      scope: 'universal',
      belt: {
        needs: 'three-point',
        path: [
          { section: 'lap', mark: 'red arm rest', side: 'buckle-side', how: 'under' },
          { section: 'lap', mark: 'red arm rest', side: 'door-side', how: 'under' },
          { section: 'diagonal', mark: 'red shoulder guide', side: 'door-side', how: 'through' },
        ],
        lock: { kind: 'free' },
      },
    },
  ],
}

const SET = Sequence(2)

function sample(mode: Mode, child: Partial<Case['child']>, settings: Case['settings']): Case {
  return {
    format: CASE_FORMAT,
    version: CASE_VERSION,
    today: IsoDate('2026-11-25'),
    child: { id: 'sample', name: 'Sample', ...child },
    vehicle: {
      id: VehicleId('corran-plover'),
      maker: 'Corran',
      model: 'Plover',
      driverSide: 'right',
      positions: [
        {
          id: 'rear-left',
          label: 'Rear left',
          row: 2,
          side: 'left',
          doorSide: 'left',
          belt: { kind: 'three-point', retractor: 'emergency-locking', buckleTopMm: measured(80, 3) },
          isofix: { bars: 'visible', easierSide: 'right' },
          tether: { where: 'seat-back' },
          floor: { kind: 'solid' },
          cushion: { slopeDeg: measured(12, 1), frontEdgeAboveFloorMm: measured(355, 2) },
          headRestraint: 'adjustable',
          headRestraintTopMm: measured(700, 10),
          frontClearanceMm: measured(820, 10),
        },
      ],
    },
    restraints: [{ id: ModelId('halyard'), maker: 'Ravel', name: 'Halyard', massKg: 14, modes: [mode] }],
    units: [{ id: UnitId('unit-1'), modelId: ModelId('halyard'), serial: 'HY-1' }],
    choice: {
      modelId: ModelId('halyard'),
      unitId: UnitId('unit-1'),
      modeId: mode.id,
      positionId: 'rear-left',
      routeId: mode.routes[0]?.id,
      at: Sequence(1),
    },
    settings,
    disturbances: {},
    readings: {},
    practice: DEFAULT_PRACTICE,
    localRule: DEFAULT_LOCAL_RULE,
  }
}

export const SAMPLE_SHELL: Case = sample(
  SHELL,
  {
    dateOfBirth: IsoDate('2025-07-10'),
    massKg: measured(10.4, 0.1),
    statureCm: measured(79, 0.5),
    sittingHeightMm: measured(485, 6),
    seatedShoulderHeightMm: measured(290, 4),
  },
  {
    recline: { value: 'r1', at: SET },
    legNotch: { value: 6, at: SET },
    strapHeightMm: { value: 280, at: SET },
    insertsIn: { value: ['pad'], at: SET },
    wedge: { value: true, at: SET },
    slideMm: { value: 20, at: SET },
    frontSeatGapMm: { value: 820, at: SET },
    vehicleHeadRestraint: { value: 'on', at: SET },
  },
)
export const SAMPLE_BOOSTER: Case = sample(
  BOOSTER,
  {
    dateOfBirth: IsoDate('2020-02-10'),
    massKg: measured(19, 0.1),
    statureCm: measured(112, 0.5),
    sittingHeightMm: measured(620, 6),
    seatedShoulderHeightMm: measured(390, 4),
  },
  { strapHeightMm: { value: 420, at: SET } },
)
