import { Sequence } from '../ground/index.ts'
import fc from 'fast-check'
import { buildCase, buildPosition, BELT_ROUTE, goodReading } from '../../test/build.ts'
import {
  CHECK_IDS,
  DISTURBANCE_IDS,
  SETTING_IDS,
  staleIn,
  staleReadings,
  UNPASSES,
  type Change,
  type CheckId,
  type Readings,
} from '../index.ts'
import { edgesOf, standingSteps, STEADY_ON_BELT } from './staleness.ts'

const ALL: Readings = Object.fromEntries(CHECK_IDS.map((id) => [id, goodReading(id, Sequence(5))]))
const staleAfter = (change: Change, at = 6, ownEdges?: { change: string; unpasses: string[] }[]): CheckId[] => {
  const isSetting = (SETTING_IDS as readonly string[]).includes(change)
  const isDisturbance = (DISTURBANCE_IDS as readonly string[]).includes(change)
  return [
    ...staleReadings({
      choiceAt: change === 'choice' ? at : 1,
      settings: isSetting ? { [change]: { value: 1, at } } : {},
      disturbances: isDisturbance ? { [change]: { at } } : {},
      readings: ALL,
      ownEdges,
    }).keys(),
  ]
}

const ATTACHED: CheckId[] = [
  'latch-left',
  'tug-right',
  'pushed-home',
  'leg-contact',
  'tether-indicator-mm',
  'steadiness-mm',
  'shell-angle-deg',
  'front-seat',
  'buckle-above-edge-mm',
  'belt-locked',
]

/** The table of the trade, read once more by hand: what must, and what must not, be done again. */
test.each<[Change, CheckId[], CheckId[]]>([
  [
    'recline',
    [
      'latch-left',
      'latch-right',
      'leg-contact',
      'tether-indicator-mm',
      'tether-flat',
      'shell-angle-deg',
      'head',
      'front-seat',
      'belt-locked',
      'belt-tension',
      'buckle-above-edge-mm',
      'buckle-clear',
    ],
    ['tug-left', 'slack-mm', 'belt-path', 'steadiness-mm'],
  ],
  ['connectors', ATTACHED, ['slack-mm', 'head']],
  ['base', ATTACHED, ['slack-mm', 'strap-exit']],
  [
    'legNotch',
    ['leg-contact', 'leg-indicator', 'shell-angle-deg', 'latch-left', 'latch-right'],
    ['tether-indicator-mm', 'tug-left'],
  ],
  [
    'wedge',
    ['belt-locked', 'belt-tension', 'gap-behind', 'steadiness-mm', 'leg-contact', 'shell-angle-deg', 'front-seat'],
    ['slack-mm'],
  ],
  ['tether', ['tether-indicator-mm', 'tether-flat'], ['latch-left']],
  [
    'vehicleHeadRestraint',
    ['tether-indicator-mm', 'tether-flat', 'gap-behind', 'head', 'booster-back'],
    ['latch-left'],
  ],
  ['frontSeatGapMm', ['front-seat'], ['lower-tethers', 'latch-left']],
  ['slideMm', ATTACHED, ['slack-mm', 'strap-exit']],
  [
    'insertsIn',
    ['strap-exit', 'slack-mm', 'head', 'crown-below-edge-mm', 'belt-locked'],
    ['latch-left', 'steadiness-mm'],
  ],
  ['strapHeightMm', ['strap-exit', 'slack-mm', 'head', 'guide-above-shoulder-mm'], ['harness-buckle', 'latch-left']],
  ['turned', ['turn-lock', 'strap-exit', 'slack-mm', 'harness-buckle', 'head'], ['latch-left', 'leg-contact']],
  [
    'set-round',
    ['shell-on-base', 'tether-indicator-mm', 'lower-tethers', 'steadiness-mm', 'strap-exit', 'slack-mm', 'front-seat'],
    ['latch-left', 'tug-left', 'pushed-home', 'leg-contact'],
  ],
  ['harness', ['slack-mm', 'strap-twist', 'coat'], ['latch-left', 'head']],
  [
    'clothes',
    ['slack-mm', 'coat', 'strap-twist', 'lap-section', 'booster-path', 'belt-slack'],
    ['latch-left', 'steadiness-mm', 'belt-path'],
  ],
  [
    'left',
    ['floor-box', 'airbag-lamp', 'seat-fully-back', 'front-seat', 'console-out', 'backrest-latched'],
    ['latch-left', 'slack-mm', 'label-serial'],
  ],
  ['driven', [], ['latch-left', 'pushed-home', 'slack-mm']],
  ['carrier', ['shell-on-base', 'harness-buckle', 'slack-mm', 'coat', 'head'], ['latch-left', 'leg-contact']],
  [
    'child',
    ['strap-exit', 'slack-mm', 'coat', 'head', 'lap-section', 'booster-path', 'knees', 'turn-lock'],
    ['latch-left', 'belt-path', 'label-serial'],
  ],
])('%s', (change, again, untouched) => {
  const stale = staleAfter(change)
  expect(stale).toEqual(expect.arrayContaining(again))
  for (const id of untouched) expect(stale).not.toContain(id)
})

test.each(['choice', 'removed'] as const)('%s: everything is asked again', (change) => {
  expect(staleAfter(change).toSorted()).toEqual([...CHECK_IDS].toSorted())
})

test('a change before or at the reading does not touch it', () => {
  expect(staleAfter('recline', 5)).toEqual([])
  expect(staleAfter('recline', 4)).toEqual([])
})

test('a mode’s own edges stand instead of the usual ones, for that change only', () => {
  expect(staleAfter('recline', 6, [{ change: 'recline', unpasses: [] }])).toEqual([])
  expect(staleAfter('recline', 6, [{ change: 'recline', unpasses: ['tether-flat'] }])).toEqual(['tether-flat'])
  expect(staleAfter('base', 6, [{ change: 'recline', unpasses: [] }])).toContain('latch-left')
  expect(staleAfter('choice', 6, [{ change: 'choice', unpasses: [] }])).toContain('latch-left')
})

test('lower tethers go stale with the front seat only where they hold to its moving frame', () => {
  const route = { ...BELT_ROUTE, lowerTethers: { use: 'required' as const, points: ['moving-frame' as const] } }
  const at = (kind: 'moving-frame' | 'fixed-runner') => {
    const lowerTetherPoints = [
      { kind, side: 'left' as const },
      { kind, side: 'right' as const },
    ]
    const c = buildCase({
      route,
      position: buildPosition({ lowerTetherPoints }),
      readings: { 'lower-tethers': goodReading('lower-tethers', Sequence(3)) },
    })
    return [...staleIn({ ...c, settings: { frontSeatGapMm: { value: 50, at: Sequence(4) } } }).keys()]
  }
  expect(at('moving-frame')).toEqual(['lower-tethers'])
  expect(at('fixed-runner')).toEqual([])
})

test('staleness is monotone: one more change never makes a reading fresh', () => {
  const changes = fc.uniqueArray(
    fc.tuple(fc.constantFrom(...(Object.keys(UNPASSES) as Change[])), fc.integer({ min: 1, max: 9 })),
    { selector: ([c]) => c, maxLength: 8 },
  )
  const stale = (list: readonly (readonly [Change, number])[]) => {
    const pick = (ids: readonly string[]) =>
      Object.fromEntries(list.filter(([c]) => ids.includes(c)).map(([c, at]) => [c, { value: 1, at }]))
    return staleReadings({
      choiceAt: list.find(([c]) => c === 'choice')?.[1] ?? 0,
      settings: pick(SETTING_IDS),
      disturbances: pick(DISTURBANCE_IDS),
      readings: ALL,
    })
  }
  fc.assert(
    fc.property(changes, (list) => {
      const fewer = stale(list.slice(0, -1))
      const more = stale(list)
      for (const id of fewer.keys()) expect(more.has(id)).toBe(true)
    }),
    { seed: 29, numRuns: 300 },
  )
})

describe('what was done over counts where the note before it still held', () => {
  const at = (n: number) => Sequence(n)
  const looks = { 'latch-left': { option: 'latched', at: at(2) }, 'tug-left': { option: 'held', at: at(3) } } as const
  const staleWith = (baseAt: number, from: number, redoneAt: number) => {
    const stale = staleReadings({
      choiceAt: 0,
      settings: {},
      disturbances: { connectors: { at: at(baseAt) } },
      readings: looks,
      redone: { 'latch-left': [{ from: at(from), at: at(redoneAt) }] },
    } as Parameters<typeof staleReadings>[0])
    return stale.get('tug-left')
  }
  // Noted bad at 4 and good again at 8: what hangs on the latch is looked at again, unless the connectors did that between.
  test.each([
    [4, 'redone.latch-left'],
    [5, 'connectors'],
    [7, 'connectors'],
    [8, 'redone.latch-left'],
  ])('the connectors moved at %s', (movedAt, expected) => {
    expect(staleWith(movedAt, 4, 8)).toBe(expected)
  })
})

test('the latest change is the one that is told, however they were noted', () => {
  const stale = (choiceAt: number, removedAt: number) =>
    staleReadings({
      choiceAt: Sequence(choiceAt),
      settings: {},
      disturbances: { removed: { at: Sequence(removedAt) } },
      readings: { 'latch-left': { option: 'latched', at: Sequence(1) } },
    })
  expect(stale(5, 3).get('latch-left')).toBe('choice')
  expect(stale(3, 5).get('latch-left')).toBe('removed')
})

test('a step noted in the same entry as a change still stands; one noted before it does not', () => {
  const steps = (doneAt: number) =>
    standingSteps({
      choiceAt: Sequence(4),
      settings: {},
      disturbances: {},
      stepsDone: { unpack: { at: Sequence(doneAt) } },
    })
  expect([...steps(3).keys()]).toEqual([])
  expect([...steps(4)]).toEqual([['unpack', 4]])
  expect([...steps(5)]).toEqual([['unpack', 5]])
})

test('by the belt a route is steady only while the belt is: recline and inserts un-pass steadiness, beside what they did', () => {
  expect(STEADY_ON_BELT).toEqual([
    { change: 'recline', unpasses: ['steadiness-felt', 'steadiness-mm'], isBeside: true },
    { change: 'insertsIn', unpasses: ['steadiness-felt', 'steadiness-mm'], isBeside: true },
  ])
  const usual = edgesOf('recline', undefined)
  expect(edgesOf('recline', STEADY_ON_BELT)).toEqual([...usual, 'steadiness-felt', 'steadiness-mm'])
  const own = { change: 'recline', unpasses: ['leg-contact'] }
  expect(edgesOf('recline', [...STEADY_ON_BELT, own])).toEqual(['leg-contact'])
})

test('only changes of the entries that are counted count, where it is said which', () => {
  const stale = (...counted: number[]) =>
    staleReadings({
      choiceAt: Sequence(1),
      settings: {},
      disturbances: { removed: { at: Sequence(5) }, connectors: { at: Sequence(6) } },
      readings: { 'latch-left': { option: 'latched', at: Sequence(2) } },
      counted: new Set(counted),
    }).get('latch-left')
  expect([stale(5, 6), stale(5), stale(6), stale(1, 2), stale()]).toEqual([
    'connectors',
    'removed',
    'connectors',
    undefined,
    undefined,
  ])
})
