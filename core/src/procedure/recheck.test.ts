import { Sequence } from '../ground/index.ts'
import { BELT_ROUTE, BOOSTER, buildCase, buildPosition, buildRoute, FORWARD, TETHER_ROUTE } from '../../test/build.ts'
import { CONFIGURATIONS } from '../../test/configurations.ts'
import { fittedSubject, judgeRecheck, RECHECK_TAPS, recheckList, type Case, type Route } from '../index.ts'

const listOf = (c: Case) => recheckList(fittedSubject(c)!)
const ids = (c: Case): readonly string[] => listOf(c).map((i) => i.id)

test.each(Object.entries(CONFIGURATIONS))('%s: at most ten questions, each once', (_, c) => {
  const list = ids(c)
  expect(list.length).toBeGreaterThan(2)
  expect(list.length).toBeLessThanOrEqual(RECHECK_TAPS)
  expect(new Set(list).size).toBe(list.length)
})
test('everything that a route can have at once still fits into ten', () => {
  const route = buildRoute({
    ...BELT_ROUTE,
    topTether: { use: 'required' },
    usesBase: true,
    isofix: buildRoute().isofix,
  })
  expect(ids(buildCase({ route }))).toHaveLength(RECHECK_TAPS)
})

test.each([
  ['leg', buildCase({ route: buildRoute() }), true],
  ['leg', buildCase({ mode: FORWARD, route: TETHER_ROUTE }), false],
  ['tether', buildCase({ mode: FORWARD, route: TETHER_ROUTE }), true],
  ['belt', buildCase({ route: BELT_ROUTE }), true],
  ['belt', buildCase({ route: buildRoute() }), false],
  ['shoulder', CONFIGURATIONS.booster!, true],
  ['steady', CONFIGURATIONS.booster!, false],
] as const)('%s is asked only of what has it', (id, c, isAsked) => expect(ids(c).includes(id)).toBe(isAsked))

const LOWER: NonNullable<Route['lowerTethers']> = { use: 'required', points: ['ring'] }
test.each<[string, Partial<Route>, string]>([
  ['a tether that is required', { topTether: { use: 'required' } }, 'The top tether is hooked, tight and flat'],
  [
    'both kinds',
    { topTether: { use: 'required' }, lowerTethers: LOWER },
    'The top tether is hooked, tight and flat, and both lower tethers are tight',
  ],
  ['lower tethers only', { lowerTethers: LOWER }, 'Both lower tethers are tight'],
  [
    'a top tether that is advised and left off',
    { topTether: { use: 'optional' }, lowerTethers: LOWER },
    'Both lower tethers are tight',
  ],
])('%s: %s', (_, tethers, text) => {
  const c = buildCase({
    route: buildRoute({ ...TETHER_ROUTE, topTether: undefined, ...tethers }),
    readings: { 'tether-used': { option: 'left-off', at: Sequence(2) } },
  })
  expect(listOf(c).find((i) => i.id === 'tether')?.ask).toBe(text)
})

test('limits are those of the practice profile', () => {
  const asks = (c: Case) => listOf(c).map((i) => i.ask).join(' ') // prettier-ignore
  expect(asks(buildCase())).toContain('one finger (15 mm)')
  expect(asks(buildCase({ practice: { slack: 'two-fingers' } }))).toContain('two fingers (25 mm)')
  expect(asks(buildCase({ practice: { slack: 'pinch', steadiness: 'nothing-felt' } }))).toMatch(
    /does not move at its base.*no fold can be pinched/,
  )
})
test.each([
  ['within-25-mm', 'It moves at most 25 mm at its base'],
  ['nothing-felt', 'It does not move at its base'],
] as const)('%s: the carer is asked whether %s', (steadiness, ask) => {
  expect(listOf(buildCase({ practice: { steadiness } })).find((i) => i.id === 'steady')?.ask).toBe(ask)
})
test('and those of the maker, where the maker has them', () => {
  const ask = (id: string, c: Case) => listOf(c).find((i) => i.id === id)?.ask
  expect(ask('slack', buildCase({ mode: { slackMm: { toMm: 10 } } }))).toBe(
    'No coat, buckle clicked, and the straps lift at most 10 mm',
  )
  expect(ask('steady', buildCase({ mode: { steadinessMm: 12 } }))).toBe('It moves at most 12 mm at its base')
  const booster = (guideAboveShoulderMm?: { fromMm?: number; toMm?: number }) =>
    ask('shoulder', buildCase({ mode: { ...BOOSTER, guideAboveShoulderMm } }))
  expect(booster()).toBe('The guide stands at the shoulder, 0 to 20 mm above it')
  expect(booster({ fromMm: 5, toMm: 17 })).toBe('The guide stands at the shoulder, 5 to 17 mm above it')
  expect(booster({ toMm: 17 })).toBe('The guide stands at the shoulder, at most 17 mm above it')
  expect(ask('shoulder', buildCase({ mode: { ...BOOSTER, shape: 'booster-cushion' } }))).toBeUndefined()
})
test.each([
  [1, 'rearward', /airbag lamp shows off/],
  [2, 'rearward', /set as on the sheet/],
] as const)('row %s %s: %s', (row, direction, text) => {
  expect(listOf(buildCase({ mode: { direction }, position: buildPosition({ row }) }))[0]?.ask).toMatch(text)
})

describe('judging', () => {
  const list = listOf(buildCase())
  const all = (answer: 'yes' | 'no' | 'unsure') => Object.fromEntries(list.map((i) => [i.id, answer]))
  test.each([
    [all('yes'), 'pass'],
    [all('no'), 'fail'],
    [all('unsure'), 'undecided'],
    [{}, 'undecided'],
    [{ ...all('yes'), leg: 'no' as const }, 'fail'],
    [{ ...all('yes'), leg: 'unsure' as const }, 'undecided'],
    [{ ...all('unsure'), leg: 'no' as const }, 'fail'],
  ])('%j: %s', (answers, kind) => expect(judgeRecheck(list, answers).kind).toBe(kind))
  test('what was no and what nobody could tell are named', () => {
    const result = judgeRecheck(list, { ...all('yes'), leg: 'no', slack: 'unsure' })
    expect(result.put.map((i) => i.id)).toEqual(['leg'])
    expect(result.open.map((i) => i.id)).toEqual(['slack'])
  })
  test('nothing to ask is no pass', () => expect(judgeRecheck([], {}).kind).toBe('undecided'))
})

test('the place is told with the recline that was set, where one was', () => {
  const how = (settings: Case['settings']) => recheckList(fittedSubject(buildCase({ settings }))!)[0]?.how
  expect([how({ recline: { value: 'r2', at: Sequence(2) } }), how({ recline: { value: 'r1', at: Sequence(2) } }), how({})]).toEqual(['Rear left, recline 2.', 'Rear left, recline 1.', 'Rear left.']) // prettier-ignore
})

describe('what a question says hangs on the fitting', () => {
  const first = (over: Parameters<typeof buildCase>[0]) => listOf(buildCase(over))[0]?.ask
  const LAMP = 'It is at the same place, and the airbag lamp shows off'
  test.each([
    ['rearward in front', { position: { row: 1 } }, true],
    ['rearward in the back', { position: { row: 2 } }, false],
    ['forward in front', { mode: FORWARD, position: { row: 1 } }, false],
    ['across in front', { mode: { direction: 'lateral' }, position: { row: 1 } }, true],
  ] as const)('%s: the lamp is asked for, or not', (_, over, isAsked) => {
    expect(first(over as never) === LAMP).toBe(isAsked)
  })
  test('a booster’s belt goes over the child, a harness’s holds the restraint', () => {
    const belt = (c: Case) => listOf(c).find((i) => i.id === 'belt')
    expect(belt(buildCase({ mode: BOOSTER }))).toMatchObject({ ask: 'The belt runs through every guide and low over the thighs', check: 'booster-path' }) // prettier-ignore
    expect(belt(buildCase({ route: BELT_ROUTE }))).toMatchObject({ ask: 'The belt runs through every guide, flat and locked', check: 'belt-path' }) // prettier-ignore
  })
  test('a place is always asked for, and looks no check of the fitting again', () => {
    expect(listOf(buildCase())[0]).toMatchObject({ id: 'place', check: undefined })
    expect(
      listOf(buildCase())
        .filter((i) => i.id !== 'place')
        .every((i) => i.check !== undefined),
    ).toBe(true)
  })
})
