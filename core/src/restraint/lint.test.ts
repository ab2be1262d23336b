import { IsoDate } from '../ground/index.ts'
import {
  BELT_ROUTE,
  BOOSTER,
  buildCase,
  buildLeg,
  buildMode,
  buildModel,
  buildRoute,
  byMass,
  FORWARD,
  kindOf,
  TETHER_ROUTE,
  TURNS,
} from '../../test/build.ts'
import { assess, lintModel, type Mode } from '../index.ts'

const r44 = (over: Partial<Mode>, groups: ('0' | '0+' | 'I' | 'II' | 'III')[] = ['I'], approvedYear?: number): Mode =>
  buildMode({
    routes: [BELT_ROUTE],
    ...over,
    ...byMass(groups, { statureCm: over.statureCm, massKg: over.massKg }, approvedYear),
  })
const CUSHION: Partial<Mode> = { ...BOOSTER, shape: 'booster-cushion' }
const forward = buildMode(FORWARD)

test.each<[string, Mode[], string[]]>([
  ['R129 forward from 76 cm', [buildMode({ ...FORWARD, statureCm: { from: 76, to: 105 } })], []],
  [
    'R129 forward from 75 cm',
    [buildMode({ ...FORWARD, statureCm: { from: 75, to: 105 } })],
    ['modes[0].statureCm.from'],
  ],
  ['R129 forward from 15 months', [buildMode({ ...FORWARD, ageMonths: { from: 15 } })], []],
  ['R129 forward from 14 months', [buildMode({ ...FORWARD, ageMonths: { from: 14 } })], ['modes[0].ageMonths.from']],
  ['rearward to 82 cm only', [buildMode({ statureCm: { from: 40, to: 82 } })], []],
  [
    'rearward to 82 cm, also forward',
    [buildMode({ statureCm: { from: 40, to: 82 } }), forward],
    ['modes[0].statureCm.to'],
  ],
  ['rearward to 83 cm, also forward', [buildMode({ statureCm: { from: 40, to: 83 } }), forward], []],
  ['rearward to 82 cm, also a booster', [buildMode({ statureCm: { from: 40, to: 82 } }), buildMode(BOOSTER)], []],
  ['R129 booster from 100 cm', [buildMode(BOOSTER)], []],
  [
    'R129 booster from 98 cm',
    [buildMode({ ...BOOSTER, statureCm: { from: 98, to: 150 } })],
    ['modes[0].statureCm.from'],
  ],
  ['R129 cushion from 125 cm', [buildMode({ ...CUSHION, statureCm: { from: 125, to: 150 } })], []],
  [
    'R129 cushion from 115 cm',
    [buildMode({ ...CUSHION, statureCm: { from: 115, to: 150 } })],
    ['modes[0].statureCm.from'],
  ],
  ['R44 group I forward', [r44({ direction: 'forward' })], []],
  ['R44 forward from 8 kg', [r44({ direction: 'forward', massKg: { from: 8, to: 18 } })], ['modes[0].massKg.from']],
  [
    'R44 group 0+ forward',
    [r44({ direction: 'forward' }, ['0+'])],
    ['modes[0].approval.groups', 'modes[0].approval.groups'],
  ],
  ['R44 group 0+ rearward', [r44({}, ['0+'])], []],
  ['R44 cushion of 2016, group II', [r44({ ...CUSHION, statureCm: undefined }, ['II', 'III'], 2016)], []],
  [
    'R44 cushion of 2017, group II',
    [r44({ ...CUSHION, statureCm: undefined }, ['II', 'III'], 2017)],
    ['modes[0].statureCm.from', 'modes[0].massKg.from'],
  ],
  [
    'R44 cushion of 2018 from 125 cm and 22 kg',
    [r44({ ...CUSHION, statureCm: { from: 125 }, massKg: { from: 22, to: 36 } }, ['II', 'III'], 2018)],
    [],
  ],
  ['i-Size by ISOFIX with a leg', [buildMode()], []],
  ['i-Size by ISOFIX alone', [buildMode({ routes: [buildRoute({ leg: undefined })] })], ['modes[0].routes[0].scope']],
  ['i-Size under UN R44', [r44({ routes: [buildRoute()] }, ['0+'])], ['modes[0].routes[0].scope']],
  [
    'R44 universal ISOFIX, group I forward with tether',
    [r44({ direction: 'forward', routes: [{ ...TETHER_ROUTE, scope: 'universal' }] })],
    [],
  ],
  [
    'R44 universal ISOFIX, rearward',
    [r44({ routes: [buildRoute({ scope: 'universal' })] }, ['0+'])],
    ['modes[0].routes[0].scope'],
  ],
  [
    'a leg longer at its shortest than at its longest',
    [buildMode({ routes: [buildRoute({ leg: buildLeg({ minLengthMm: 481 }) })] })],
    ['modes[0].routes[0].leg.minLengthMm'],
  ],
])('%s', (_, modes, paths) => {
  expect(lintModel(buildModel(modes)).map((l) => l.path)).toEqual(paths)
})

test('an entry that contradicts its regulation is never ready, and says why', () => {
  const c = buildCase({ mode: { ...FORWARD, statureCm: { from: 75, to: 105 } } })
  expect(kindOf('catalogue-sound', c)).toBe('undecided')
  expect(assess(c).findings.find((f) => f.ruleId === 'catalogue-sound')?.reason).toContain(
    'forward from 75 cm; UN R129 allows it from 76 cm',
  )
  expect(kindOf('catalogue-sound', buildCase())).toBe('not-applicable')
})

/** Slips that silently switched something off: each is named with its path. */
const booster = buildMode(BOOSTER)
const lintsOf = (modes: Mode[], over: Parameters<typeof buildModel>[1] = {}) =>
  lintModel(buildModel(modes, over)).map((l) => l.path)
const withRoute = (over: object, mode: Partial<Mode> = {}): Mode =>
  buildMode({ ...mode, routes: [{ ...buildRoute(), ...over }] })
test.each<[string, string[], string]>([
  [
    'an edge that names no check',
    lintsOf([buildMode({ staleEdges: [{ change: 'recline', unpasses: ['latches'] }] })]),
    'modes[0].staleEdges[0].unpasses[0]',
  ],
  [
    'an edge of no change',
    lintsOf([withRoute({ staleEdges: [{ change: 'reclined', unpasses: ['head'] }] })]),
    'modes[0].routes[0].staleEdges[0].change',
  ],
  [
    'an edge that would take removal back',
    lintsOf([buildMode({ staleEdges: [{ change: 'removed', unpasses: [] }] })]),
    'modes[0].staleEdges[0].change',
  ],
  [
    'instead of a step that is not there',
    lintsOf([withRoute({ steps: [{ id: 'x', text: 'X', replaces: 'lock-belt' }] })]),
    'modes[0].routes[0].steps[0].replaces',
  ],
  [
    'straps upside down',
    lintsOf([buildMode({ strap: { adjuster: { kind: 'stepless', fromMm: 400, toMm: 250 } } })]),
    'modes[0].strap.adjuster',
  ],
  [
    'a tether upside down',
    lintsOf([withRoute({ topTether: { use: 'required', minLengthMm: 900, maxLengthMm: 300 } })]),
    'modes[0].routes[0].topTether',
  ],
  [
    'a guide upside down',
    lintsOf([buildMode({ ...BOOSTER, beltGuideMm: { fromMm: 500, toMm: 300 } })]),
    'modes[0].beltGuideMm',
  ],
  [
    'a conversion to no mode',
    lintsOf([buildMode()], { conversions: [{ from: 'rearward', to: 'booster', steps: [{ id: 's', text: 'S' }] }] }),
    'conversions[0]',
  ],
  [
    'a conversion to itself',
    lintsOf([buildMode()], { conversions: [{ from: 'rearward', to: 'rearward', steps: [{ id: 's', text: 'S' }] }] }),
    'conversions[0].to',
  ],
  [
    'reclines of another mode',
    lintsOf([withRoute({ permittedReclines: ['r1', 'r9'] })]),
    'modes[0].routes[0].permittedReclines',
  ],
  [
    'a harness whose lock is free',
    lintsOf([buildMode({ routes: [{ ...BELT_ROUTE, belt: { ...BELT_ROUTE.belt!, lock: { kind: 'free' } } }] })]),
    'modes[0].routes[0].belt.lock',
  ],
  [
    'a booster whose belt is locked',
    lintsOf([
      buildMode({
        ...BOOSTER,
        routes: [{ ...BELT_ROUTE, belt: { ...BELT_ROUTE.belt!, lock: { kind: 'tension-only' } } }],
      }),
    ]),
    'modes[0].routes[0].belt.lock',
  ],
  [
    'connectors that hold a booster',
    lintsOf([
      buildMode({ ...BOOSTER, routes: [{ ...booster.routes[0]!, isofix: { connectors: 'rigid', role: 'holds' } }] }),
    ]),
    'modes[0].routes[0].isofix.role',
  ],
  ['two places, and it does not lie across', lintsOf([withRoute({ seatsTaken: 2 })]), 'modes[0].routes[0].seatsTaken'],
  [
    'a guide that names none of two places',
    lintsOf([buildMode({ direction: 'lateral', shape: 'lie-flat', routes: [{ ...BELT_ROUTE, seatsTaken: 2 }] })]),
    'modes[0].routes[0].belt.path[0].place',
  ],
  [
    'an insert required past its allowance',
    lintsOf([
      buildMode({
        inserts: [{ id: 'i', name: 'Pad', thicknessMm: 10, requiredUntil: { massKg: 9 }, allowedUntil: { massKg: 6 } }],
      }),
    ]),
    'modes[0].inserts[0].requiredUntil',
  ],
  [
    'a recline twice',
    lintsOf([
      buildMode({
        reclines: [
          { id: 'r1', label: '1', shellAngleDeg: 30 },
          { id: 'r1', label: '2', shellAngleDeg: 40 },
        ],
      }),
    ]),
    'modes[0].reclines',
  ],
  [
    'a gauge without its offset',
    lintsOf([
      buildMode({ strap: { adjuster: { kind: 'slots', heightsMm: [250] }, gauge: 'head-support-lower-edge' } }),
    ]),
    'modes[0].strap.gaugeAboveExitMm',
  ],
  [
    'a variant that ends before it begins',
    lintsOf([buildMode()], {
      variant: { label: 'v', madeFrom: IsoDate('2025-01-01'), madeUntil: IsoDate('2024-01-01') },
    }),
    'variant.madeFrom',
  ],
  [
    'a base that is no part',
    lintsOf([withRoute({ usesBase: true })], { parts: [{ id: 'shell', name: 'Shell', massKg: 14 }] }),
    'modes[0].routes[0].usesBase',
  ],
  ['a booster held by a harness', lintsOf([buildMode({ shape: 'booster-seat' })]), 'modes[0].heldBy'],
])('%s is named with its path', (_, paths, path) => expect(paths).toContain(path))

const toForward = { id: 'forward', direction: 'forward' as const }
test.each([
  ['one direction', [buildMode()], 'lifts-off', true],
  ['two directions', [buildMode(), buildMode(toForward)], 'lifts-off', false],
  ['a shell that turns', [buildMode(TURNS), buildMode({ ...toForward, ...TURNS })], 'lifts-off', true],
  ['a shell that turns', [buildMode(TURNS), buildMode({ ...toForward, ...TURNS })], 'turns-on-base', false],
  ['no lock stated', [buildMode(), buildMode(toForward)], 'turns-on-base', true],
] as const)('how the direction is changed, %s, %s: contradicts %s', (_, modes, directionChange, isFound) => {
  expect(lintsOf([...modes], { directionChange }).includes('directionChange')).toBe(isFound)
})
test('the same things said rightly draw no lint', () => {
  const edges = [
    { change: 'recline', unpasses: [] },
    { change: 'driven', unpasses: ['latch-left', 'connect'] },
  ]
  expect(lintsOf([buildMode({ staleEdges: edges })])).toEqual([])
  expect(
    lintsOf([withRoute({ steps: [{ id: 'x', text: 'X', replaces: 'push-home' }], permittedReclines: ['r1'] })]),
  ).toEqual([])
  expect(
    lintsOf([buildMode(), booster], {
      conversions: [{ from: 'rearward', to: 'booster', steps: [{ id: 's', text: 'S' }] }],
    }),
  ).toEqual([])
})
