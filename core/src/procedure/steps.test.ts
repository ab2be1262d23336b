import { BELT_ROUTE, BOOSTER, buildCase, buildRoute, FORWARD, TETHER_ROUTE, TURNS } from '../../test/build.ts'
import { fittedSubject, stepsFor, type Case, type Mode, type Route } from '../index.ts'
import { stepName, type Step } from './steps.ts'
import { inOrder, withoutCircles } from './order.ts'

type MakerSteps = NonNullable<Route['steps']>
const stepsOf = (c: Case): readonly Step[] => stepsFor(fittedSubject(c)!)
const stepOf = (c: Case, id: string): Step | undefined => stepsOf(c).find((s) => s.id === id)
const idsOf = (c: Case): readonly string[] => stepsOf(c).map((s) => s.id)
const made = (steps: MakerSteps, route: Route = buildRoute()): Case => buildCase({ route: { ...route, steps } })
const FOLD = { id: 'fold', text: 'Fold the rear seat up.' }

describe('what proves a step', () => {
  const latch = (over: object = {}) => ({ id: 'l', what: 'latch', kind: 'window' as const, ...over })
  const proofs =
    (over: Partial<Route>, mode: Partial<Mode> = {}) =>
    (id: string) =>
      stepOf(buildCase({ mode, route: buildRoute(over) }), id)?.proofs
  const connect = (over: object) =>
    proofs({ isofix: { connectors: 'rigid', role: 'holds', proofs: [latch(over)] } })('connect')?.[0]?.what
  test.each([
    [{ side: 'left' }, 'latch (left)'],
    [{ side: 'right', what: 'right latch' }, 'right latch'],
    [{ side: 'centre' }, 'latch'],
    [{}, 'latch'],
  ] as const)('%j is called %s', (over, what) => {
    expect(connect(over)).toBe(what)
  })
  test.each([
    ['window', 'seen'],
    ['line-in-sight', 'seen'],
    ['gauge', 'seen'],
    ['gate-shut', 'seen'],
    ['click', 'heard'],
    ['loud-last-click', 'heard'],
    ['clicks-cease', 'heard'],
    ['button-springs-back', 'felt'],
  ] as const)('%s is %s', (kind, sense) => {
    const route: Partial<Route> = {
      isofix: { connectors: 'rigid', role: 'holds', proofs: [{ id: 'l', what: 'latch', kind }] },
    }
    expect(proofs(route)('connect')).toEqual([{ sense, what: 'latch' }])
  })
  test('each of its own step, and of no other', () => {
    const leg = { minLengthMm: 300, maxLengthMm: 480, notches: 19, hingeAboveCushionMm: 0, angleFromVerticalDeg: 0, proofs: [latch({ what: 'foot' })] } // prettier-ignore
    const at = proofs({ leg: leg as never }, { turns: { locks: [{ id: 't', what: 'ring', kind: 'click' }] } })
    expect(at('leg')).toEqual([{ sense: 'seen', what: 'foot' }])
    expect(at('turn-and-lock')).toEqual([{ sense: 'heard', what: 'ring' }])
    expect(at('connect')).toEqual([])
    expect(at('prepare')).toEqual([])
    const tethers = { ...BELT_ROUTE, lowerTethers: { use: 'required', points: ['ring'], proofs: [latch({ what: 'strap' })] } } as Route // prettier-ignore
    expect(stepOf(buildCase({ route: tethers }), 'lower-tethers')?.proofs).toEqual([{ sense: 'seen', what: 'strap' }])
  })
  test('of a maker’s own step and of one that stands instead of a usual one, beside the usual proofs', () => {
    const proof = { id: 'p', what: 'red mark', kind: 'gauge' as const }
    const steps: MakerSteps = [
      { ...FOLD, proof },
      { id: 'push', text: 'Push until it clicks.', replaces: 'connect', proof },
    ]
    const c = made(steps, buildRoute({ isofix: { connectors: 'rigid', role: 'holds', proofs: [latch()] } }))
    expect(stepOf(c, 'fold')?.proofs).toEqual([{ sense: 'seen', what: 'red mark' }])
    expect(stepOf(c, 'connect')?.proofs.map((p) => p.what)).toEqual(['latch', 'red mark'])
    expect(stepOf(made([FOLD]), 'fold')?.proofs).toEqual([])
  })
})

describe('a maker’s own step', () => {
  test('is called by its words in a list, a usual one by its title', () => {
    const c = made([FOLD])
    expect(stepName(stepOf(c, 'fold')!)).toBe('Fold the rear seat up.')
    expect(stepName(stepOf(c, 'connect')!)).toBe('Latch both connectors')
    expect(stepName({ ...stepOf(c, 'fold')!, does: [] })).toBe(stepOf(c, 'fold')!.title)
  })
  test('without a word on its order ends its stage: it waits for all that is attached, and for nothing else', () => {
    const c = made([FOLD])
    expect(stepOf(c, 'fold')?.byMaker).toBe(true)
    const attach = stepsOf(c).filter((s) => s.stage === 'attach' && s.id !== 'fold')
    expect(stepOf(c, 'fold')?.needs).toEqual(attach.map((s) => s.id))
    expect(stepsOf(c).findIndex((s) => s.id === 'fold')).toBe(attach.length)
  })
  test.each([
    ['placing', 'connect'],
    ['attaching', 'connect'],
  ] as const)('before %s: after the preparations, and what fastens waits for it', (onlyBefore, held) => {
    const c = made([{ ...FOLD, onlyBefore }])
    expect(stepOf(c, 'fold')).toMatchObject({ stage: 'attach', needs: ['prepare'] })
    expect(stepOf(c, held)?.needs).toContain('fold')
    expect(idsOf(c).indexOf('fold')).toBe(idsOf(c).indexOf('prepare') + 1)
  })
  test('before the child is in: the child sits down after it', () => {
    const c = made([{ ...FOLD, onlyBefore: 'child-in' }])
    expect(stepOf(c, 'fold')).toMatchObject({ stage: 'child-in', needs: [] })
    expect(stepOf(c, 'sit')?.needs).toContain('fold')
    expect(stepOf(c, 'connect')?.needs).not.toContain('fold')
  })
  test('after a step of the child’s, or after one that is after it, belongs to the child’s stage', () => {
    const steps: MakerSteps = [
      { id: 'third', text: 'Close the flap.', after: ['second'] },
      { id: 'second', text: 'Open the flap.', after: ['buckle'] },
      { id: 'early', text: 'Look at the flap.', after: ['connect'] },
    ]
    const c = made(steps)
    expect(['third', 'second', 'early'].map((id) => stepOf(c, id)?.stage)).toEqual(['child-in', 'child-in', 'attach'])
    expect(idsOf(c).indexOf('third')).toBeGreaterThan(idsOf(c).indexOf('second'))
    expect(stepOf(c, 'second')?.needs).toEqual(['buckle'])
    expect(stepOf(made([{ ...FOLD, after: ['buckle', 'connect'] }]), 'fold')?.stage).toBe('child-in')
  })
  test('stands right after what it waits for, and after the maker’s own that stand there already', () => {
    const c = made([
      { id: 'one', text: 'One.', after: ['connect'] },
      { id: 'two', text: 'Two.', after: ['connect'] },
    ])
    const ids = idsOf(c)
    expect(ids.slice(ids.indexOf('connect'), ids.indexOf('connect') + 3)).toEqual(['connect', 'one', 'two'])
    expect(stepOf(c, 'two')?.needs).toEqual(['connect'])
  })
  test('after a step that this fitting does not have, ends its stage like one without a word', () => {
    const c = made([{ ...FOLD, after: ['thread-belt'] }])
    const attach = stepsOf(c).filter((s) => s.stage === 'attach').map((s) => s.id) // prettier-ignore
    expect(attach.at(-1)).toBe('fold')
    expect(stepOf(c, 'fold')?.needs).toEqual(attach.slice(0, -1))
    expect(stepOf(made([{ ...FOLD, after: ['thread-belt', 'connect'] }]), 'fold')?.needs).toEqual(['connect'])
  })
  test('that waits for itself waits for nothing of the kind', () => {
    expect(stepOf(made([{ ...FOLD, after: ['fold', 'connect'] }]), 'fold')?.needs).toEqual(['connect'])
  })
  test('a maker’s order of usual steps is kept, against the usual one too', () => {
    const c = buildCase({ route: buildRoute({ stepOrder: ['leg', 'connect'] }) })
    expect(stepOf(c, 'connect')?.needs).toEqual(['leg', 'prepare'])
    expect(stepOf(c, 'leg')?.needs).not.toContain('connect')
    expect(idsOf(c).indexOf('leg')).toBeLessThan(idsOf(c).indexOf('connect'))
  })
  test('instead of a usual one stands in its place, with its words and what the usual one must still say', () => {
    const c = made([{ id: 'push', text: 'Push until it clicks.', replaces: 'connect' }])
    expect(stepOf(c, 'connect')).toMatchObject({
      title: 'Latch both connectors',
      does: ['Push until it clicks.'],
      byMaker: true,
    })
    expect(stepOf(c, 'push')).toBeUndefined()
    expect(stepOf(c, 'prepare')?.byMaker).toBe(false)
    const usual = stepOf(buildCase({ route: BELT_ROUTE, mode: BOOSTER }), 'belt-child')
    const own = stepOf(buildCase({ mode: BOOSTER, route: { ...BELT_ROUTE, steps: [{ id: 'x', text: 'Lead it low.', replaces: 'belt-child' }] } }), 'belt-child') // prettier-ignore
    // The guides are ticked off one by one, whoever's words stand before them.
    expect(own?.does).toEqual(['Lead it low.', ...usual!.does.slice(0, 1)])
    expect(own?.ticks).toEqual(usual?.ticks)
    expect(usual?.ticks?.check).toBe('booster-path')
    const withoutGuides = stepOf(buildCase({ mode: BOOSTER, route: { ...BELT_ROUTE, belt: { ...BELT_ROUTE.belt!, path: [] } } }), 'belt-child') // prettier-ignore
    expect(withoutGuides?.checks).toContain('booster-path')
    expect(withoutGuides).not.toHaveProperty('ticks')
  })
  test('one of a pair names the other; no other step does', () => {
    const c = made([
      { id: 'out', text: 'Insert out.', pairWith: 'back', onlyBefore: 'attaching' },
      { id: 'back', text: 'Insert back.', after: ['connect'] },
    ])
    expect(stepOf(c, 'out')?.pair).toEqual({ half: 'first', otherId: 'back', otherText: 'Insert back.' })
    expect(stepOf(c, 'back')?.pair).toEqual({ half: 'second', otherId: 'out', otherText: 'Insert out.' })
    expect(stepsOf(c).flatMap((s) => (s.pair ? [s.id] : []))).toEqual(['out', 'back'])
  })
})

test('a step that says nothing and asks for nothing is none', () => {
  for (const c of [buildCase(), buildCase({ route: BELT_ROUTE }), buildCase({ mode: { ...BOOSTER } })])
    for (const step of stepsOf(c)) expect(step.does.length + step.checks.length).toBeGreaterThan(0)
  // The head's says nothing, and is there for what is looked at in it.
  expect(stepOf(buildCase(), 'head')).toMatchObject({ does: [], checks: ['head'] })
})

describe('which steps a fitting has', () => {
  const has = (c: Case, id: string): boolean => stepOf(c, id) !== undefined
  const carried = { carryHandle: { travelPosition: 'upright' } }
  test.each<[string, string, Case, boolean]>([
    ['shell', 'a base and no handle', buildCase({ route: buildRoute({ usesBase: true }) }), true],
    ['shell', 'a handle and no base', buildCase({ mode: carried }), true],
    ['shell', 'neither', buildCase(), false],
    ['set-on-seat', 'a booster by the belt', buildCase({ mode: BOOSTER }), true],
    ['set-on-seat', 'a booster with connectors', buildCase({ mode: BOOSTER, route: { ...TETHER_ROUTE, topTether: undefined } }), false],
    ['set-on-seat', 'a harness by the belt', buildCase({ route: BELT_ROUTE }), false],
    ['turn-and-lock', 'a shell that turns', buildCase({ mode: TURNS }), true],
    ['turn-and-lock', 'pods at the side', buildCase({ mode: { sidePod: true } }), true],
    ['turn-and-lock', 'neither', buildCase({ mode: { sidePod: false } }), false],
    ['belt-child', 'a harness', buildCase(), false],
    ['leg', 'no leg', buildCase({ route: TETHER_ROUTE, mode: FORWARD }), false],
  ])('%s, %s', (id, _, c, isThere) => {
    expect(has(c, id)).toBe(isThere)
  }) // prettier-ignore
  test('what the shell’s step says', () => {
    const says = (c: Case) => stepOf(c, 'shell')?.does.length
    expect([says(buildCase({ route: buildRoute({ usesBase: true }) })), says(buildCase({ mode: carried }))]).toEqual([1, 1]) // prettier-ignore
    expect(says(buildCase({ mode: carried, route: buildRoute({ usesBase: true }) }))).toBe(2)
  })
  test('pods alone are called so; a shell that turns is turned first', () => {
    expect(stepOf(buildCase({ mode: { sidePod: true } }), 'turn-and-lock')).toMatchObject({
      title: 'Side pod',
      does: ['Fold out the pod on the left, the door side.'],
    })
    expect(stepOf(buildCase({ mode: { ...TURNS, sidePod: true } }), 'turn-and-lock')).toMatchObject({
      title: 'Turn and lock',
      does: ['Turn it rearward and let it lock.', 'Fold out the pod on the left, the door side.'],
    })
    expect(stepOf(buildCase({ mode: TURNS }), 'turn-and-lock')?.does).toHaveLength(1)
  })
  test('it is set square on the seat', () => {
    expect(stepOf(buildCase({ mode: BOOSTER }), 'set-on-seat')).toMatchObject({
      title: 'On the seat',
      does: ['Set it square on the seat, its back against the backrest.'],
    })
  })
  test('the floor box is spoken of where the handbook allows it propped', () => {
    const does = (kind: 'box-allowed-when-propped' | 'solid') => stepOf(buildCase({ position: { floor: { kind } } }), 'leg')?.does[0] // prettier-ignore
    expect(does('box-allowed-when-propped')).toBe('Open the floor box: filled or propped, as the handbook says.')
    expect(does('solid')).toMatch(/^Lower the leg/)
  })
  test('what has to be set out of reach later stands with the preparations', () => {
    const route = buildRoute({ settingsBeforePlacing: ['the leg’s length'] })
    expect(stepOf(buildCase({ route }), 'prepare')?.does).toContain('Set now, out of reach later: the leg’s length.')
    expect(stepOf(buildCase(), 'prepare')?.does).toEqual([
      'Manual and handbook open at the right page.',
      'Seat in front forward for room; it goes back at the end.',
      'Connectors out.',
      'Leg unfolded; the mat out from under it.',
    ])
  })
  test('a piece past its limit comes out before the child sits, where it is in', () => {
    const inserts: Mode['inserts'] = [
      { id: 'newborn', name: 'Newborn pad', thicknessMm: 20, allowedUntil: { massKg: 9 } },
      { id: 'head', name: 'Head pad', thicknessMm: 5, allowedUntil: { massKg: 13 } },
    ]
    const does = (value: string[]) => stepOf(buildCase({ mode: { inserts }, settings: { insertsIn: { value, at: 2 as never } } }), 'sit')?.does // prettier-ignore
    expect(does(['newborn', 'head'])?.[0]).toBe('Newborn pad out first: it is past its limit.')
    expect(does(['head'])?.[0]).toMatch(/^Loosen/)
    expect(does([])?.[0]).toMatch(/^Loosen/)
  })
})

describe('an order', () => {
  const node = (id: string, ...needs: string[]) => ({ id, needs })
  test('what is needed comes first; one that waits for itself or for nobody here waits for nothing', () => {
    const ids = (...nodes: ReturnType<typeof node>[]) => inOrder(nodes).map((n) => n.id)
    expect(ids(node('b', 'a'), node('a'))).toEqual(['a', 'b'])
    expect(ids(node('a', 'a'), node('b'))).toEqual(['a', 'b'])
    expect(ids(node('a', 'elsewhere'), node('b'))).toEqual(['a', 'b'])
    expect(ids(node('a', 'b'), node('b', 'a'), node('c'))).toEqual(['c', 'a', 'b'])
  })
  test('an edge that would close a circle with weightier ones is left out', () => {
    const edges = [{ id: 'b', needs: 'a' }, { id: 'c', needs: 'b' }, { id: 'a', needs: 'c' }, { id: 'a', needs: 'd' }] // prettier-ignore
    expect(withoutCircles(edges)).toEqual([edges[0], edges[1], edges[3]])
  })
})
