import {
  BELT_ROUTE,
  buildChild,
  buildMode,
  buildModel,
  buildRoute,
  buildUnit,
  FORWARD,
  TETHER_ROUTE,
  TODAY,
} from '@nimble-anchor/core/testing'
import { type ModeForecast } from '@nimble-anchor/core/forecast'
import { matchModes } from '@nimble-anchor/core/match'
import { DEFAULT_PRACTICE } from '@nimble-anchor/core/practice'
import { DEFAULT_LOCAL_RULE } from '@nimble-anchor/core/law'
import { forecastText } from './forecastText.ts'
import { isShown, NO_FILTERS, holdKindOf, useChooseView } from './view.ts'

const circumstances = { today: TODAY, child: buildChild(), practice: DEFAULT_PRACTICE, localRule: DEFAULT_LOCAL_RULE }
const [match] = matchModes(circumstances, [{ model: buildModel(), unit: buildUnit() }])
const [unowned] = matchModes(circumstances, [{ model: buildModel() }])

test.each([
  [buildRoute(), 'isofix-leg'],
  [TETHER_ROUTE, 'isofix-tether'],
  [buildRoute({ leg: undefined }), 'isofix'],
  [BELT_ROUTE, 'belt'],
  [{ ...BELT_ROUTE, isofix: { connectors: 'rigid', role: 'steadies' } as const }, 'belt'],
])('route %#: %s', (route, kind) => expect(holdKindOf(route)).toBe(kind))

test.each([
  [{}, true],
  [{ direction: 'rearward' }, true],
  [{ direction: 'forward' }, false],
  [{ regulation: 'R129' }, true],
  [{ regulation: 'R44' }, false],
  [{ route: 'isofix-leg' }, true],
  [{ route: 'belt' }, false],
  [{ fitsCar: true }, false],
] as const)('with %j a rearward R129 mode by ISOFIX and leg, that fits no car, is shown: %s', (filters, shown) => {
  expect(isShown(match!, { ...NO_FILTERS, ...filters }, () => false)).toBe(shown)
})

test('a badge is a thing to filter by', () => {
  const [badged] = matchModes(circumstances, [
    { model: { ...buildModel(), tags: ['swing-tested'] }, unit: buildUnit() },
  ])
  const shown = (m: typeof badged, tag: string) => isShown(m!, { ...NO_FILTERS, tag }, () => true)
  expect([shown(badged, 'all'), shown(badged, 'swing-tested'), shown(badged, 'cabin-use')]).toEqual([true, true, false])
  expect(shown(match, 'swing-tested')).toBe(false)
})

test('what nobody has is shown only when the shelf is not asked for', () => {
  expect(isShown(unowned!, NO_FILTERS, () => true)).toBe(false)
  expect(isShown(unowned!, { ...NO_FILTERS, shelfOnly: false }, () => true)).toBe(true)
  expect(buildMode(FORWARD).direction).toBe('forward')
})

test('three are compared at most: a fourth pushes out the first', () => {
  const { toggleCompared } = useChooseView.getState()
  for (const key of ['a', 'b', 'c', 'd']) toggleCompared(key)
  expect(useChooseView.getState().compared).toEqual(['b', 'c', 'd'])
  toggleCompared('c')
  expect(useChooseView.getState().compared).toEqual(['b', 'd'])
})

const forecast = (over: Partial<ModeForecast> = {}): ModeForecast => ({
  opensIn: { p10: 0, p50: 0, p90: 0 },
  left: { p10: 9, p50: 14, p90: 20 },
  endsBy: [{ ruleId: 'R129-stature-range', quantity: 'statureCm', limit: 105, share: 0.8 }],
  shareEverOpen: 1,
  ...over,
})
test.each([
  [forecast(), 'permitted', '14 months (9 to 20) left, then stature 105 cm'],
  [forecast({ endsBy: [] }), 'undecided', '14 months (9 to 20) left'],
  [
    forecast({ opensIn: { p10: 3, p50: 4, p90: 5 } }),
    'soon',
    'opens in 4 months (3 to 5); lasts until 14 months from now, then stature 105 cm',
  ],
  [forecast({ shareEverOpen: 0.4 }), 'soon', 'by the forecast, over before it opens: stature 105 cm'],
  [forecast(), 'outgrown', undefined],
  [undefined, 'permitted', undefined],
] as const)('forecast %#, %s: %s', (f, standing, text) => expect(forecastText(f, standing)).toBe(text))
