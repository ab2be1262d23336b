import { FittingId, Sequence, UnitId, VehicleId } from '../ground/index.ts'
import fc from 'fast-check'
import { BELT_ROUTE, buildCase, buildRoute, withEverythingGood } from '../../test/build.ts'
import { half, REST_OF_CAR } from '../../test/ride.ts'
import {
  applyPuts,
  assess,
  caseSchema,
  fittedSubject,
  otherOf,
  putsForRide,
  rideFor,
  rideStanding,
  staleIn,
  stepsFor,
  takeable,
  upgradeCase,
  type AdultOfRide,
  type Case,
  type Changed,
  type Member,
  type Put,
  type Route,
} from '../index.ts'

const RIDE = 'ride-1'
/** One fitting of the same car at another place; everything of it good. */
const at = (id: string, positionId: string, over: Parameters<typeof buildCase>[0] = {}): Member => {
  const c = buildCase({
    others: REST_OF_CAR,
    mode: {
      halfWidths: half(180),
      widthMm: 420,
      extraWidthMm: { side: 'both', mm: 10 },
      widthSettings: [420, 470, 480].map((outsideMm) => ({
        id: `w${outsideMm}`,
        label: 'Width',
        outsideMm,
        insideMm: 400,
      })),
    },
    ...over,
    child: { id: `child-${id}`, name: id, ...over.child },
    unit: { id: UnitId(`unit-${id}`) },
  })
  return { id: FittingId(id), case: { ...c, choice: { ...c.choice, positionId, unitId: UnitId(`unit-${id}`) } } }
}
/** Enters puts as the next entry. */
const enter = (c: Case, puts: readonly Put[], at: number): Case => {
  const applied = applyPuts(c, puts, Sequence(at))
  if (!applied.ok) throw new Error(JSON.stringify(applied.error))
  return applied.value.case
}
/** Every fitting told of the others, as whoever keeps the ride does it. */
const told = (members: readonly Member[], sequence: number, adults: readonly AdultOfRide[] = []): readonly Member[] =>
  members.map((m) => {
    const puts = putsForRide(m.case, rideFor(RIDE, m, members, adults, members.map((x) => x.id))) // prettier-ignore
    return puts.length === 0 ? m : { ...m, case: enter(m.case, puts, sequence) }
  })
/** Everything looked at and good, after it was told of the others. */
const looked = (m: Member): Member => {
  const c = withEverythingGood(m.case)
  const readings = Object.fromEntries(Object.entries(c.readings).map(([id, r]) => [id, { ...r, at: Sequence(55) }]))
  return { ...m, case: { ...c, readings: readings as Case['readings'] } }
}
const caseOf = (members: readonly Member[], id: string): Case => (members.find((m) => m.id === id) as Member).case
const change = (members: readonly Member[], id: string, puts: readonly Put[], sequence: number): readonly Member[] =>
  members.map((m) => (m.id === id ? { ...m, case: enter(m.case, puts, sequence) } : m))

const THREE = told([at('ada', 'rear-left'), at('col', 'rear-centre'), at('mabe', 'rear-right')], 50).map(looked)

test('each knows the two others, and those that go in before it', () => {
  const { ride } = caseOf(THREE, 'col')
  expect(ride?.others.map((o) => [o.id, o.positionIds])).toEqual([
    ['ada', ['rear-left']],
    ['mabe', ['rear-right']],
    ['driver', ['driver']],
  ])
  expect(ride?.installedBefore).toEqual(['ada'])
  expect(caseOf(THREE, 'ada').ride?.installedBefore).toBeUndefined()
})

test('looked at after they were told, nothing of them is stale, and the step says who goes in first', () => {
  for (const m of THREE) expect([...staleIn(m.case).keys()]).toEqual([])
  const steps = (id: string) => stepsFor(fittedSubject(caseOf(THREE, id))!).find((s) => s.id === 'before')!.does
  expect(steps('col').join(' ')).toContain('Install what goes at Rear left first')
  expect(steps('ada').join(' ')).not.toContain('first')
})

test('told twice, nothing is entered the second time', () => {
  for (const m of THREE) expect(putsForRide(m.case, rideFor(RIDE, m, THREE, [], ['ada', 'col', 'mabe']))).toEqual([])
})

test.each<[string, readonly Put[]]>([
  ['cup holder taken off', [{ path: ['ride', 'own'], value: { isExtraOff: true } }]],
  ['another width set', [{ path: ['ride', 'own'], value: { outsideMm: 480 } }]],
])('the middle child is stale after the neighbour’s: %s', (_, puts) => {
  const after = told(change(THREE, 'ada', puts, 60), 61)
  expect([...staleIn(caseOf(after, 'col')).entries()]).toContainEqual(['room-beside', 'beside'])
  expect(assess(caseOf(after, 'col')).verdict).not.toBe('ready')
  // The neighbour itself is looked at again too; the belt and the latches are not.
  expect(staleIn(caseOf(after, 'ada')).has('room-beside')).toBe(true)
  expect(staleIn(caseOf(after, 'col')).has('latch-left')).toBe(false)
})

describe('what serves one restraint', () => {
  const refused = (c: Case) =>
    assess(c).findings.filter((f) => f.ruleId === 'place-shared-part').map((f) => [f.kind, f.reason]) // prettier-ignore
  /** The middle shares its bars with both outer places; `ada` is held by ISOFIX, `col` in the middle by what is said. */
  const sharing = (col: Route): readonly Member[] => {
    const others = REST_OF_CAR.map((p) =>
      p.id === 'rear-centre'
        ? { ...p, sharedWith: ['rear-left', 'rear-right'].map((positionId) => ({ part: 'bars' as const, positionId })) }
        : p,
    )
    return told([at('ada', 'rear-left', { others }), at('col', 'rear-centre', { others, route: col })], 50)
  }
  test('a neighbour who comes to use the same bars refuses both, and their looks are in doubt', () => {
    const apart = sharing(BELT_ROUTE)
    for (const { case: c } of apart) expect(refused(c).map(([kind]) => kind)).toEqual(['pass'])
    const both = sharing(buildRoute())
    expect(refused(caseOf(both, 'ada'))).toEqual([
      ['fail', 'Not together with what is at Rear middle: the ISOFIX bars serve one of the two places.'],
    ])
    expect(refused(caseOf(both, 'col'))).toEqual([
      ['fail', 'Not together with what is at Rear left: the ISOFIX bars serve one of the two places.'],
    ])
    expect(assess(caseOf(both, 'ada')).verdict).toBe('not-permitted')
  })
  test('a neighbour of whom it is not chosen how it is fastened leaves it open until it is', () => {
    const [ada, col] = sharing(buildRoute()) as [Member, Member]
    const { routeId: _r, ...choice } = col.case.choice
    const [again] = told([ada, { ...col, case: { ...col.case, choice } }], 60)
    expect(refused(again!.case).map(([kind]) => kind)).toEqual(['undecided'])
    expect(again!.case.disturbances.beside).toEqual({ at: Sequence(60) })
  })
  test('an advised tether of a neighbour holds its anchorage once it is noted as hooked', () => {
    const other = otherOf(at('ada', 'rear-left', { route: buildRoute({ topTether: { use: 'optional' } }) }))
    expect(other.takes).toEqual(['bars'])
    const { case: c } = at('ada', 'rear-left', { route: buildRoute({ topTether: { use: 'optional' } }) })
    const hooked = { ...c, readings: { 'tether-used': { option: 'hooked', at: Sequence(9) } } } as Case
    expect(otherOf({ id: FittingId('ada'), case: hooked }).takes).toEqual(['bars', 'tether'])
  })
  test('one unit for two children refuses both', () => {
    const [ada, col] = told([at('ada', 'rear-left'), at('col', 'rear-centre')], 50) as [Member, Member]
    const units = { units: ada.case.units, choice: { ...col.case.choice, unitId: UnitId('unit-ada') } }
    const both = told([ada, { ...col, case: { ...col.case, ...units } }], 60)
    expect(both.map((m) => refused(m.case))).toEqual([
      [['fail', 'What is at Rear middle is this same unit.']],
      [['fail', 'What is at Rear left is this same unit.']],
    ])
  })
})

test('another place of a neighbour leaves the look at the room beside in doubt', () => {
  const moved = caseOf(THREE, 'mabe')
  const after = told(change(THREE, 'mabe', [{ path: ['choice'], value: { ...moved.choice, positionId: 'front-left' } }], 60), 61) // prettier-ignore
  expect(staleIn(caseOf(after, 'col')).get('room-beside')).toBe('beside')
})

test('what changes nothing beside it leaves every look standing', () => {
  const after = told(change(THREE, 'ada', [{ path: ['settings', 'legNotch'], value: { value: 4 } }], 60), 61)
  expect(caseOf(after, 'col')).toBe(caseOf(THREE, 'col'))
})

test('the seat in front, moved by who sits behind it on the same side, is looked at again', () => {
  const both = told([at('ada', 'rear-left'), at('col', 'rear-centre')], 50).map(looked)
  const after = told(change(both, 'ada', [{ path: ['settings', 'frontSeatGapMm'], value: { value: 700 } }], 60), 61)
  expect(caseOf(after, 'col').disturbances['shared-seat']).toEqual({ at: Sequence(61) })
  expect(caseOf(after, 'col').disturbances.beside).toEqual(caseOf(both, 'col').disturbances.beside)
})

test('no client writes the others; its own width it may', () => {
  const c = caseOf(THREE, 'ada')
  expect(applyPuts(c, [{ path: ['ride', 'own', 'x'], value: 1 }], Sequence(70)).ok).toBe(false)
  expect(applyPuts(c, [{ path: ['ride', 'other'], value: [] }], Sequence(70)).ok).toBe(false)
  expect(applyPuts(buildCase(), [{ path: ['ride', 'own'], value: { isExtraOff: true } }], Sequence(70)).ok).toBe(false)
})

test('what is said of a restraint is written with what it is said of', () => {
  const [ada] = change(THREE, 'ada', [{ path: ['ride', 'own'], value: { isExtraOff: true } }], 60)
  const { modelId, modeId } = ada!.case.choice
  expect(ada!.case.ride?.own).toEqual({ isExtraOff: true, of: { modelId, modeId, positionId: 'rear-left' } })
  // Said again, it is no change.
  const again = applyPuts(ada!.case, [{ path: ['ride', 'own'], value: { isExtraOff: true } }], Sequence(61))
  expect(again.ok && again.value.case.disturbances.beside).toEqual({ at: Sequence(60) })
})

test('undo leaves what came from the others', () => {
  const changes: Changed[] = [
    { path: ['ride', 'others'], from: [], to: [] },
    { path: ['disturbances', 'beside'], from: null, to: { at: Sequence(3) } },
    { path: ['ride', 'own'], from: null, to: { isExtraOff: true } },
  ]
  expect(takeable(changes)).toEqual([changes[2]])
})

describe('the ride as a whole', () => {
  const judge = (verdicts: Readonly<Record<string, 'ready' | 'not-ready' | 'undecided' | 'not-permitted'>>) => (m: Member) => ({ verdict: verdicts[m.id] ?? ('ready' as const), headline: '', stale: [] }) // prettier-ignore
  const ids = ['ada', 'col', 'mabe']
  test.each([
    [{}, 'ready'],
    [{ col: 'undecided' }, 'undecided'],
    [{ col: 'not-ready' }, 'not-ready'],
    [{ col: 'not-permitted', ada: 'undecided' }, 'not-ready'],
  ] as const)('%j: %s', (verdicts, verdict) => {
    expect(rideStanding(RIDE, THREE, [], ids, judge(verdicts)).verdict).toBe(verdict)
  })
  test('no fitting at all is no ride that is ready', () => {
    expect(rideStanding(RIDE, [], [], []).verdict).not.toBe('ready')
  })
  test('one that was signed beside others than ride now is not ready', () => {
    const [ada, ...rest] = THREE as [Member, ...Member[]]
    const wider: Member = { ...ada, case: enter(ada.case, [{ path: ['ride', 'own'], value: { outsideMm: 470 } }], 60) }
    const standing = rideStanding(RIDE, [wider, ...rest], [], ids, judge({}))
    expect(standing.verdict).toBe('undecided')
    expect(standing.members.filter((m) => m.isOutdated).map((m) => m.id)).toEqual(['col', 'mabe'])
  })
  test('fittings of two cars are no ride', () => {
    const [ada, ...rest] = THREE as [Member, ...Member[]]
    const elsewhere = { ...ada, case: { ...ada.case, vehicle: { ...ada.case.vehicle!, id: VehicleId('another') } } }
    expect(rideStanding(RIDE, [elsewhere, ...rest], [], ids, judge({})).verdict).toBe('another-car')
    const none = { ...ada, case: { ...ada.case, vehicle: undefined } }
    expect(rideStanding(RIDE, [none], [], ids, judge({})).verdict).toBe('another-car')
  })
})

test('an adult who rides along is a neighbour of a usual breadth', () => {
  const [ada] = told([at('ada', 'rear-left')], 50, [{ id: 'a1', positionId: 'rear-centre' }])
  expect(ada?.case.ride?.others).toMatchObject([
    { id: 'a1', kind: 'adult', needsHand: true, holdsSeatBack: false },
    { id: 'driver', kind: 'adult', positionIds: ['driver'] },
  ])
  expect(ada?.case.ride?.others[0]?.widths?.hipBack).toEqual({ left: { lo: 260, hi: 260 }, right: { lo: 260, hi: 260 }, isStated: true }) // prettier-ignore
})

test('a child whose restraint is not chosen is told of as not known', () => {
  const c = at('ada', 'rear-left').case
  const { modelId: _m, modeId: _o, routeId: _r, unitId: _u, ...choice } = c.choice
  const other = otherOf({ id: FittingId('ada'), case: { ...c, choice } })
  expect(other.widths).toBeUndefined()
  expect(other.needsHand).toBe(true)
})

test('whatever is entered beside a fitting, it is never ready with a look that is older', () => {
  const widths = fc.constantFrom(undefined, 470, 420, 480)
  fc.assert(
    fc.property(widths, fc.boolean(), (outsideMm, isExtraOff) => {
      const own = { ...(outsideMm !== undefined && { outsideMm }), ...(isExtraOff && { isExtraOff }) }
      const after = told(change(THREE, 'ada', [{ path: ['ride', 'own'], value: own }], 60), 61)
      const was = caseOf(THREE, 'col').ride?.others
      const now = caseOf(after, 'col').ride?.others
      if (JSON.stringify(was) === JSON.stringify(now)) return
      expect(staleIn(caseOf(after, 'col')).has('room-beside')).toBe(true)
    }),
  )
})

test('a file of version 2 opens without a ride; one with a ride reads itself', () => {
  const { ride: _ride, ...alone } = caseOf(THREE, 'ada')
  const opened = caseSchema.parse(upgradeCase({ ...alone, version: 2 }))
  expect(opened).toEqual({ ...alone, version: 3 })
  expect(caseSchema.parse(JSON.parse(JSON.stringify(caseOf(THREE, 'ada'))))).toEqual(caseOf(THREE, 'ada'))
})
