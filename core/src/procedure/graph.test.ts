import { ModelId, Sequence } from '../ground/index.ts'
import fc from 'fast-check'
import { runs } from '../../test/runs.ts'
import {
  ask,
  BELT_ROUTE,
  buildCase,
  buildMode,
  buildRoute,
  kindOf,
  TETHER_ROUTE,
  withEverythingGood,
} from '../../test/build.ts'
import { CONFIGURATIONS } from '../../test/configurations.ts'
import {
  applyPuts,
  assess,
  changeSentence,
  DISTURBANCE_IDS,
  fittedSubject,
  inOrder,
  lintMode,
  staleIn,
  stepsFor,
  type Case,
  type Put,
  type Route,
} from '../index.ts'

import { countSteps } from './steps.ts'

type MakerSteps = NonNullable<Route['steps']>
const subjectOf = (c: Case) => fittedSubject(c)!
const steps = (route: Route) => stepsFor(subjectOf(buildCase({ route })))

describe('the procedure is an ordered graph', () => {
  test.each(Object.entries(CONFIGURATIONS))('%s: no step stands before one that it needs', (_, c) => {
    const order = stepsFor(subjectOf(c))
    const at = new Map(order.map((s, i) => [s.id, i]))
    for (const step of order) for (const id of step.needs) expect(at.get(id)).toBeLessThan(at.get(step.id)!)
    // Attaching is done before the child sits.
    const lastAttach = order.findLastIndex((s) => s.stage === 'attach')
    expect(order.findIndex((s) => s.stage === 'child-in')).toBeGreaterThan(lastAttach)
  })

  test('steps are as many when they are only counted', () => {
    for (const c of Object.values(CONFIGURATIONS)) {
      const subject = subjectOf(c)
      expect(countSteps(subject)).toBe(stepsFor(subject).length)
      const { route } = subject
      const makers = [
        { id: 'own', text: 'Fold the rear seat up.' },
        { id: 'instead', text: 'Push until it clicks.', replaces: 'connect' as const },
      ]
      const withMakers = { ...subject, route: { ...route, steps: makers } }
      expect(countSteps(withMakers)).toBe(stepsFor(withMakers).length)
    }
  })

  test('doing a step over un-passes what hangs on it, and not its own checks', () => {
    const leg = steps(buildRoute()).find((s) => s.id === 'leg')
    expect(leg?.undoes).toEqual(expect.arrayContaining(['latch-left', 'latch-right']))
    expect(leg?.undoes).not.toContain('leg-contact')
  })
  test('the maker’s own edges say what doing it over un-passes', () => {
    const route = buildRoute({ staleEdges: [{ change: 'legNotch', unpasses: ['steadiness-mm'] }] })
    expect(steps(route).find((s) => s.id === 'leg')?.undoes).toEqual(['steadiness-mm'])
  })

  test('what proves a step is told by how it is noticed', () => {
    const route = buildRoute({
      isofix: {
        connectors: 'rigid',
        role: 'holds',
        proofs: [
          { id: 'w', what: 'green window', kind: 'window', side: 'left' },
          { id: 'c', what: 'a loud last click', kind: 'loud-last-click' },
          { id: 'b', what: 'the button springs back', kind: 'button-springs-back' },
        ],
      },
    })
    expect(steps(route).find((s) => s.id === 'connect')?.proofs).toEqual([
      { sense: 'seen', what: 'green window (left)' },
      { sense: 'heard', what: 'a loud last click' },
      { sense: 'felt', what: 'the button springs back' },
    ])
  })

  test.each([
    [{ onlyBefore: 'placing' }, 'prepare', 'connect'],
    [{ onlyBefore: 'attaching' }, 'prepare', 'connect'],
    [{ after: ['push-home'] }, 'push-home', 'leg'],
    [{}, 'proof', 'sit'],
    [{ onlyBefore: 'child-in' }, 'proof', 'sit'],
  ] as const)('a maker’s step with %j stands between %s and %s', (where, before, after) => {
    const own = { id: 'own', text: 'Open the pocket.', ...where } as MakerSteps[number]
    const ids = steps(buildRoute({ steps: [own] })).map((s) => s.id)
    expect(ids.indexOf('own')).toBeGreaterThan(ids.indexOf(before))
    expect(ids.indexOf('own')).toBeLessThan(ids.indexOf(after))
  })

  const own = (over: object) => ({ id: 'own', text: 'Open the pocket.', ...over }) as MakerSteps[number]
  test.each([
    ['early ones', [own({ id: 'a', onlyBefore: 'attaching' }), own({ id: 'b', onlyBefore: 'attaching' })]],
    ['those after one step', [own({ id: 'a', after: ['connect'] }), own({ id: 'b', after: ['connect'] })]],
    ['those without a word', [own({ id: 'a' }), own({ id: 'b' })]],
    ['late ones', [own({ id: 'a', after: ['buckle'] }), own({ id: 'b', after: ['buckle'] })]],
    ['those that wait for one another', [own({ id: 'a', after: ['leg'] }), own({ id: 'b', after: ['a'] })]],
  ])('%s stand in the order in which the maker lists them', (_, makers) => {
    const ids = steps(buildRoute({ steps: makers })).map((s) => s.id)
    expect(ids.filter((id) => id === 'a' || id === 'b')).toEqual(['a', 'b'])
  })
  test('a step after the child is in, or after one that is, belongs to Child in', () => {
    const makers = [
      own({ id: 'a', after: ['buckle'] }),
      own({ id: 'b', after: ['a'] }),
      own({ id: 'c', after: ['leg'] }),
    ]
    const stages = steps(buildRoute({ steps: makers })).map((s) => [s.id, s.stage])
    expect(stages).toEqual(expect.arrayContaining([['a', 'child-in'], ['b', 'child-in'], ['c', 'attach']])) // prettier-ignore
    const ids = stages.map(([id]) => id)
    expect([ids.indexOf('a') > ids.indexOf('buckle'), ids.indexOf('b') > ids.indexOf('a')]).toEqual([true, true])
  })
  test('what a step comes after counts where it stands instead of a usual one', () => {
    const makers = [own({ id: 'x', replaces: 'base-gap', after: ['leg'] })]
    const ids = steps(buildRoute({ steps: makers })).map((s) => s.id)
    expect(ids.indexOf('base-gap')).toBeGreaterThan(ids.indexOf('leg'))
  })
  test('the maker’s words for the belt stand before the guides, and none of those is lost', () => {
    const makers = [own({ id: 'x', text: 'Belt on as on page 12.', replaces: 'thread-belt' })]
    expect(steps({ ...BELT_ROUTE, steps: makers }).find((s) => s.id === 'thread-belt')).toMatchObject({
      does: ['Belt on as on page 12.', 'Lap: under blue guide, buckle side (right).'],
      checks: ['belt-path', 'belt-twist'],
      byMaker: true,
    })
  })
  test.each([
    ['the usual order', {}, ['leg', 'lower-tethers', 'front-seat']],
    [
      'the maker asks for the tethers first',
      { stepOrder: ['lower-tethers', 'leg'] },
      ['lower-tethers', 'leg', 'front-seat'],
    ],
    ['tethers on a frame that moves with the front seat', { moving: true }, ['leg', 'front-seat', 'lower-tethers']],
  ] as const)('%s: %j', (_, { stepOrder, moving }: { stepOrder?: readonly string[]; moving?: boolean }, order) => {
    const kind = moving ? ('moving-frame' as const) : ('ring' as const)
    const route = buildRoute({
      lowerTethers: { use: 'required', points: [kind] },
      ...(stepOrder && { stepOrder: [...stepOrder] as NonNullable<Route['stepOrder']> }),
    })
    const position = { lowerTetherPoints: (['left', 'right'] as const).map((side) => ({ kind, side })) }
    const ids = stepsFor(subjectOf(buildCase({ route, position }))).map((s) => s.id)
    expect(ids.filter((id) => (order as readonly string[]).includes(id))).toEqual(order)
  })
  test('any steps of a maker: each once, in its stage, after what it names, and the usual ones all there', () => {
    const usual = steps(buildRoute()).map((s) => s.id)
    const step = fc.record({
      after: fc.option(fc.subarray([...usual, 'm0', 'm1', 'm2'], { maxLength: 2 }), { nil: undefined }),
      onlyBefore: fc.constantFrom(undefined, 'placing', 'attaching', 'child-in'),
      replaces: fc.constantFrom(undefined, undefined, ...usual),
    })
    fc.assert(
      fc.property(fc.array(step, { maxLength: 3 }), (shapes) => {
        const makers = shapes.map((shape, i) => own({ id: `m${i}`, text: `Step ${i}.`, ...shape }))
        const list = steps(buildRoute({ steps: makers }))
        const ids = list.map((s) => s.id)
        const wanted = [...usual, ...makers.filter((m) => m.replaces === undefined).map((m) => m.id)]
        expect(ids.toSorted()).toEqual(wanted.toSorted())
        for (const m of makers) expect(list.filter((s) => s.does.includes(m.text))).toHaveLength(1)
        const at = (id: string) => ids.indexOf(id)
        for (const s of list)
          for (const id of s.needs) if (list[at(id)]!.stage === s.stage) expect(at(id)).toBeLessThan(at(s.id))
        expect(list.findLastIndex((s) => s.stage === 'attach')).toBeLessThan(
          list.findIndex((s) => s.stage === 'child-in'),
        )
      }),
      { seed: 61, numRuns: runs(60) },
    )
  })

  test('any graph: everything once, nothing before what it needs unless they wait in a circle', () => {
    const graph = fc
      .array(fc.array(fc.nat({ max: 11 }), { maxLength: 3 }), { minLength: 1, maxLength: 12 })
      // Only edges to smaller numbers: no circles; listed in any order.
      .chain((needs) =>
        fc.shuffledSubarray(
          needs.map((n, i) => ({ id: `${i}`, needs: n.filter((x) => x < i).map(String) })),
          { minLength: needs.length },
        ),
      )
    fc.assert(
      fc.property(graph, (nodes) => {
        const order = inOrder(nodes)
        expect(order.toSorted((a, b) => a.id.localeCompare(b.id))).toEqual(
          nodes.toSorted((a, b) => a.id.localeCompare(b.id)),
        )
        order.forEach((n, i) => n.needs.forEach((id) => expect(order.findIndex((x) => x.id === id)).toBeLessThan(i)))
      }),
    )
  })
  test('a circle loses nothing', () => {
    const circle = [{ id: 'a', needs: ['b'] }, { id: 'b', needs: ['a'] }] // prettier-ignore
    expect(inOrder(circle).map((n) => n.id)).toEqual(['a', 'b'])
  })

  test.each([
    [{ after: ['nowhere'] }, 'comes after "nowhere"'],
    [{ replaces: 'nothing' }, 'replaces "nothing"'],
    [{ pairWith: 'own' }, 'is paired with "own"'],
    [{ after: ['own'] }, 'waits for itself'],
    [{ after: ['connect'], replaces: undefined }, undefined],
  ] as const)('lint of a maker’s step %j: %s', (over, message) => {
    const mode = buildMode({
      routes: [buildRoute({ steps: [{ id: 'own', text: 'x', ...over } as MakerSteps[number]] })],
    })
    const model = { id: ModelId('m'), maker: 'a', name: 'b', massKg: 5, modes: [mode] }
    const found = lintMode(model, mode).filter((l) => l.path.includes('steps'))
    expect(found.map((l) => l.message).join()).toMatch(message === undefined ? /^$/ : message)
  })
})

test('an insert that is in and past its limit comes out before the child goes in', () => {
  const mode = { inserts: [{ id: 'pad', name: 'Newborn pad', thicknessMm: 20, allowedUntil: { massKg: 9 } }] }
  const sit = (insertsIn: string[]) =>
    stepsFor(subjectOf(buildCase({ mode, settings: { insertsIn: { value: insertsIn, at: Sequence(2) } } }))).find(
      (x) => x.id === 'sit',
    )?.does
  expect(sit(['pad'])?.[0]).toBe('Newborn pad out first: it is past its limit.')
  expect(sit([])?.join(' ')).not.toContain('out first')
})

describe('pairs', () => {
  const pad = { id: 'pad', name: 'Newborn pad', thicknessMm: 20 }
  const about: Route['steps'] = [
    { id: 'out', text: 'Pad out.', pairWith: 'back', onlyBefore: 'attaching', whileInsert: 'pad' },
    { id: 'back', text: 'Pad back.', after: ['lock-belt'], whileInsert: 'pad' },
  ]
  test.each([
    ['must be out', { ...pad, allowedUntil: { massKg: 9 } }, undefined, false],
    ['must be out and is in', { ...pad, allowedUntil: { massKg: 9 } }, ['pad'], false],
    ['may be in, and nothing is set', pad, undefined, true],
    ['may be in and is', pad, ['pad'], true],
    ['may be in and is not', pad, [], false],
    ['must be in', { ...pad, requiredUntil: { massKg: 13 } }, undefined, true],
    ['must be in and is out', { ...pad, requiredUntil: { massKg: 13 } }, [], true],
  ])('steps about a piece of padding that %s', (_, insert, insertsIn, isThere) => {
    const c = buildCase({
      mode: { inserts: [insert] },
      route: { ...BELT_ROUTE, steps: about },
      settings: { insertsIn: insertsIn && { value: insertsIn, at: Sequence(2) } },
    })
    const ids = stepsFor(subjectOf(c)).map((s) => s.id)
    expect([ids.includes('out'), ids.includes('back')]).toEqual([isThere, isThere])
    expect(kindOf('pair-closed', c)).toBe(isThere ? 'undecided' : 'not-applicable')
  })
  test('a pair one half of which stands instead of a usual step is closed by noting that step', () => {
    const route: Route = {
      ...BELT_ROUTE,
      steps: [
        { id: 'out', text: 'Pad out.', pairWith: 'back', onlyBefore: 'attaching' },
        { id: 'back', text: 'Lock it, then the pad back.', replaces: 'lock-belt' },
      ],
    }
    const c = withEverythingGood(buildCase({ route }))
    const [first, second] = [stepsFor(subjectOf(c)).find((s) => s.id === 'out'), stepsFor(subjectOf(c)).find((s) => s.id === 'lock-belt')] // prettier-ignore
    expect(first?.pair).toMatchObject({ half: 'first', otherId: 'lock-belt' })
    expect(second?.pair).toMatchObject({ half: 'second', otherId: 'out' })
    expect(ask('pair-closed', { ...c, stepsDone: {} })).toMatchObject({
      kind: 'undecided',
      missing: ['step.lock-belt'],
    })
    expect(
      kindOf('pair-closed', { ...c, stepsDone: { out: { at: Sequence(3) }, 'lock-belt': { at: Sequence(4) } } }),
    ).toBe('pass')
    expect(
      kindOf('pair-closed', { ...c, stepsDone: { out: { at: Sequence(5) }, 'lock-belt': { at: Sequence(4) } } }),
    ).toBe('fail')
  })
  const pair: Route = {
    ...BELT_ROUTE,
    steps: [
      { id: 'out', text: 'Insert out.', pairWith: 'back' },
      { id: 'back', text: 'Insert back.', after: ['lock-belt'] },
    ],
  }
  const good = withEverythingGood(buildCase({ route: pair }))
  const done = (stepsDone: Case['stepsDone']): Case => ({ ...good, stepsDone })
  test.each([
    [undefined, 'undecided', 'undecided'],
    [{ out: { at: Sequence(3) } }, 'undecided', 'undecided'],
    [{ back: { at: Sequence(3) } }, 'pass', 'ready'],
    [{ out: { at: Sequence(3) }, back: { at: Sequence(4) } }, 'pass', 'ready'],
    [{ out: { at: Sequence(5) }, back: { at: Sequence(4) } }, 'fail', 'not-ready'],
    // Noted before the choice: of another installation.
    [{ back: { at: Sequence(0) } }, 'undecided', 'undecided'],
  ] as const)('noted %j: %s, %s', (stepsDone, kind, verdict) => {
    expect(kindOf('pair-closed', done(stepsDone))).toBe(kind)
    expect(assess(done(stepsDone)).verdict).toBe(verdict)
  })
  test('what is missing is named with the maker’s words', () => {
    expect(ask('pair-closed', done({}))).toMatchObject({ missing: ['step.back'] })
    expect(assess(done({})).measureNext.map((n) => n.label)).toContain('Do and record “Insert back”')
  })
  test('taken out of the car: every step is begun anew', () => {
    const c = { ...done({ back: { at: Sequence(4) } }), disturbances: { removed: { at: Sequence(5) } } }
    expect(kindOf('pair-closed', c)).toBe('undecided')
  })
  test('each half names the other, whichever says so', () => {
    const order = steps(pair)
    expect(order.find((s) => s.id === 'out')?.pair).toMatchObject({ half: 'first', otherId: 'back' })
    expect(order.find((s) => s.id === 'back')?.pair).toMatchObject({ half: 'second', otherText: 'Insert out.' })
  })
})

describe('staleness says from what to what', () => {
  const enter = (c: Case, puts: readonly Put[], at: number): Case => {
    const applied = applyPuts(c, puts, Sequence(at))
    if (!applied.ok) throw new Error(applied.error.map((f) => f.message).join())
    return applied.value.case
  }
  test('the tether after a recline', () => {
    const route = { ...TETHER_ROUTE, permittedReclines: ['r1', 'r2'] }
    const set = enter(buildCase({ route }), [{ path: ['settings', 'recline'], value: { value: 'r1' } }], 2)
    const tight = enter(set, [{ path: ['readings', 'tether-flat'], value: { option: 'flat' } }], 3)
    const moved = enter(tight, [{ path: ['settings', 'recline'], value: { value: 'r2' } }], 4)
    expect(assess(moved).stale).toEqual([
      { checkId: 'tether-flat', label: 'Tether strap', because: 'the recline went from 1 to 2' },
    ])
  })
  test.each([
    ['legNotch', 7, 9, 'the leg went from notch 7 to notch 9'],
    ['wedge', false, true, 'the wedge went from none to in'],
    ['frontSeatGapMm', 640, 700, 'the front seat went from 640 mm to 700 mm'],
    ['insertsIn', [], ['pad'], 'the inserts went from none in to newborn pad'],
    ['recline', 'r1', 'r1', 'the recline was set again'],
  ] as const)('%s from %j to %j: %s', (id, was, value, sentence) => {
    const mode = buildMode({ inserts: [{ id: 'pad', name: 'Newborn pad', thicknessMm: 20 }] })
    expect(changeSentence(id, { [id]: { was, value, at: Sequence(2) } }, mode)).toBe(sentence)
  })

  test('entries replayed in any order consistent with time on each field give the same state', () => {
    const events: readonly Put[] = [
      ...['r1', 'r2', 'r1'].map((value) => ({ path: ['settings', 'recline'], value: { value } })),
      ...[3, 5].map((value) => ({ path: ['settings', 'legNotch'], value: { value } })),
      ...DISTURBANCE_IDS.map((id) => ({ path: ['disturbances', id], value: {} })),
      ...['latched', 'open', 'latched'].map((option) => ({ path: ['readings', 'latch-left'], value: { option } })),
      { path: ['readings', 'leg-contact'], value: { option: 'flat' } },
      { path: ['readings', 'slack-mm'], value: { number: { value: 9, plusMinus: 1, source: 'measured' } } },
      { path: ['stepsDone', 'prepare'], value: {} },
    ]
    const field = (p: Put): string => p.path.join('/')
    fc.assert(
      fc.property(
        fc.shuffledSubarray([...events.keys()], { minLength: events.length }),
        fc.infiniteStream(fc.nat()),
        (time, choose) => {
          const timed = time.map((i, k) => ({ put: events[i]!, at: k + 2 }))
          const left = [...timed]
          const arrived: typeof timed = []
          while (left.length > 0) {
            // Anything may come next of which no earlier entry on the same field is still on its way.
            const free = left.filter((e) => !left.some((x) => x.at < e.at && field(x.put) === field(e.put)))
            const next = free[(choose.next().value as number) % free.length]!
            left.splice(left.indexOf(next), 1)
            arrived.push(next)
          }
          const run = (list: typeof timed): Case => list.reduce((c, e) => enter(c, [e.put], e.at), buildCase())
          expect(run(arrived)).toEqual(run(timed))
          expect([...staleIn(run(arrived))].toSorted()).toEqual([...staleIn(run(timed))].toSorted())
        },
      ),
      { numRuns: runs(20) },
    )
  })
})
