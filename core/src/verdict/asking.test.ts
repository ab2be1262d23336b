import { BELT_ROUTE, buildCase, buildLeg, buildRoute, withEverythingGood } from '../../test/build.ts'
import { Sequence } from '../ground/index.ts'
import { assess, type Case } from '../index.ts'
import { questionBudget } from './index.ts'

const ready = withEverythingGood(buildCase())
const PLACE = { need: 'place', label: 'Place and route', ask: 'Choose a place and a route', stage: 'place', settles: 1 }
const MASS = { need: 'child.massKg', label: 'Mass', ask: 'Weigh the child', stage: 'measure' }
const STATURE = { need: 'child.statureCm', label: 'Stature', ask: 'Measure the stature', stage: 'measure', settles: 1 }

/** A mode is chosen, and where it stands is not. */
function withoutPlace(over: Parameters<typeof buildCase>[0] = {}): Case {
  const c = buildCase(over)
  const { modelId, unitId, modeId } = c.choice
  return { ...c, choice: { modelId, unitId, modeId, at: Sequence(3) } as Case['choice'] }
}

describe('what is asked next, whole', () => {
  test.each<[string, Case, readonly object[]]>([
    ['nothing of what is ready', ready, []],
    [
      'one look that is missing',
      { ...ready, readings: { ...ready.readings, 'latch-left': undefined } as never },
      [
        {
          need: 'check.latch-left',
          label: 'Left indicator',
          ask: 'Check “Left indicator”',
          stage: 'attach',
          settles: 1,
        },
      ],
    ],
    ['no place: of the routes only what they ask of the child', withoutPlace(), [PLACE]],
    ['no place, no stature', withoutPlace({ child: { statureCm: undefined } }), [STATURE, PLACE]],
    [
      'no place, no mass: mode and route both wait for it',
      withoutPlace({ child: { massKg: undefined } }),
      [{ ...MASS, settles: 2 }, PLACE],
    ],
    [
      'a belt route bears no mass',
      withoutPlace({ child: { massKg: undefined }, route: BELT_ROUTE }),
      [{ ...MASS, settles: 1 }, PLACE],
    ],
    [
      'no car',
      { ...withoutPlace(), vehicle: undefined },
      [{ need: 'vehicle', label: 'Car', ask: 'Choose the car', stage: 'place', settles: 1 }],
    ],
  ])('%s', (_, c, next) => expect(assess(c).measureNext).toEqual(next))
})

test('what a route waits for beside the child is asked when it is chosen', () => {
  const asked = (c: Case) => assess(c).measureNext.map((n) => n.need).filter((need) => need.startsWith('route.')) // prettier-ignore
  expect(asked(withoutPlace({ unstated: true }))).toEqual([])
  expect(asked(buildCase({ unstated: true })).toSorted()).toEqual([
    'route.belt', 'route.frontSeat', 'route.legProofs', 'route.limits', 'route.lowerTethers', 'route.permittedReclines',
    'route.reboundBar', 'route.steps', 'route.topTether', 'route.usesBase',
  ]) // prettier-ignore
})

describe('what is judged before a place is chosen', () => {
  test('mode and route, each once, and nothing of place or fitting', () => {
    const rules = assess(withoutPlace()).findings.map((f) => f.ruleId)
    expect(rules.toSorted()).toEqual([
      'R129-mass-max', 'R129-stature-range', 'head-room', 'isofix-mass-sum', 'isofix-rotation', 'local-end',
      'mode-stated', 'route-stated', 'shoulder-range', 'specialist-advice', 'unit-in-life', 'unit-sound',
    ]) // prettier-ignore
  })
  test('without a mode nothing', () => {
    expect(assess({ ...buildCase(), choice: { at: Sequence(0) } })).toMatchObject({
      findings: [],
      decidedBy: null,
      headline: 'Next: choose a restraint mode.',
      stale: [],
    })
  })
})

describe('what “ready” rests on, and says beside it', () => {
  const EVERY = 'Every check that this fitting asks for has passed'
  const moved = (older: readonly string[]): Case => {
    const at = (s: number) => (id: string) => [id, { option: 'locked', at: Sequence(s) }] as const
    const own = Object.entries(ready.readings).map(([id, r]) => [id, { ...r, at: Sequence(9) }] as const)
    return {
      ...ready,
      readings: Object.fromEntries([...own, ...older.map(at(1))]),
      disturbances: { removed: { at: Sequence(2) } },
    }
  }
  test.each<[string, Case, string]>([
    ['nothing beside it', ready, `${EVERY}.`],
    [
      'a note that no longer holds',
      moved(['belt-locked']),
      `${EVERY}; one older note that it does not ask for no longer holds.`,
    ],
    [
      'two of them',
      moved(['belt-locked', 'belt-path']),
      `${EVERY}; 2 older notes that it does not ask for no longer hold.`,
    ],
  ])('%s', (_, c, headline) => {
    expect(assess(c)).toMatchObject({ verdict: 'ready', headline, stale: [] })
  })
  test('advice against it', () => {
    const c = withEverythingGood(
      buildCase({ route: buildRoute({ frontSeat: 'either' }), practice: { frontSeatGap: 'clear-gap-always' } }),
    )
    const touching = { ...c, readings: { ...c.readings, 'front-seat': { option: 'touching', at: Sequence(3) } } }
    expect(assess(touching)).toMatchObject({
      verdict: 'ready',
      decidedBy: { ruleId: 'place-leg-range', source: 'maker' },
      headline: `${EVERY}; advised against: Front seat touching the shell; your practice profile asks for a clear gap.`,
    })
  })
  test('the least room to a limit, and of that none that only advises', () => {
    // The shell’s angle has 15 % of room; of what decides, the 26 % of what the bars may hold are nearest now.
    const leg = buildLeg({ minLengthMm: 100, maxLengthMm: 800, notches: 71 })
    const roomy = withEverythingGood(buildCase({ route: buildRoute({ leg }) }))
    expect(assess(roomy)).toMatchObject({ verdict: 'ready', decidedBy: { ruleId: 'isofix-mass-sum' } })
  })
})

test('what a fitting will ask, counted: looks, figures, settings', () => {
  expect(questionBudget(buildCase({ position: { cushion: undefined } }))).toEqual({
    looks: 20,
    measures: 2,
    settings: 2,
    facts: ['position.cushionHeightMm', 'position.cushionSlopeDeg'],
    saves: [],
  })
  expect(questionBudget(buildCase())).toEqual({ looks: 20, measures: 2, settings: 3, facts: [], saves: [] })
})
