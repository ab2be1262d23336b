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
