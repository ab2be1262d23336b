import fc from 'fast-check'
import {
  buildCase,
  buildMode,
  buildModel,
  buildPosition,
  buildUnit,
  buildVehicle,
  FORWARD,
  withEverythingGood,
} from '../../test/build.ts'
import { assess, measured } from '../index.ts'
import {
  applyPuts,
  caseSchema,
  chosenIn,
  putsForMode,
  putsForPlace,
  putsForVehicle,
  replay,
  withChanges,
  revert,
  type Case,
  type Changed,
  type Put,
} from './index.ts'
import { faultText, ModelId, parseWith, Sequence, UnitId, VehicleId } from '../ground/index.ts'
import { parseChanged } from './case.ts'

const faultsOf = (data: unknown): readonly string[] => {
  const parsed = parseWith(caseSchema, data)
  return parsed.ok ? [] : parsed.error.map(faultText)
}
const good = buildCase()

test('a built case is valid, and parsing gives back the same; parsing again not a byte less', () => {
  const asFile: unknown = JSON.parse(JSON.stringify(good))
  const parsed = parseWith(caseSchema, asFile)
  if (!parsed.ok) throw new Error(parsed.error.map(faultText).join())
  expect(parsed.value).toEqual(asFile)
  const again = parseWith(caseSchema, JSON.parse(JSON.stringify(parsed.value)))
  expect(again.ok && JSON.stringify(again.value)).toBe(JSON.stringify(parsed.value))
})

// A file as a stranger would write it: any shape at all.
// eslint-disable-next-line @typescript-eslint/no-explicit-any
type Loose = any

test.each<[string, (c: Loose) => void, string]>([
  ['unknown field', (c) => (c.child.shoeSize = 21), '$.child.shoeSize is not a known field'],
  ['mass over the limit', (c) => (c.child.massKg.value = 81), '$.child.massKg.value must be at most 80 kg'],
  ['mass under the limit', (c) => (c.child.massKg.value = 0.4), '$.child.massKg.value must be at least 0.5 kg'],
  [
    'not a number',
    (c) => (c.child.statureCm.value = '79'),
    '$.child.statureCm.value must be a number of cm between 30 and 190',
  ],
  ['missing', (c) => delete c.child.name, '$.child.name is missing; must be text'],
  ['not a day', (c) => (c.child.dateOfBirth = '2025-13-01'), '$.child.dateOfBirth must be a day as YYYY-MM-DD'],
  ['born later', (c) => (c.child.dateOfBirth = '2026-11-26'), '$.child.dateOfBirth must not be after 2026-11-25'],
  [
    'not an option',
    (c) => (c.vehicle.positions[0].floor.kind = 'sand'),
    '$.vehicle.positions[0].floor.kind must be one of "solid", "box-not-allowed", "box-allowed-when-propped", "none"',
  ],
  ['no such mode', (c) => (c.choice.modeId = 'sideways'), '$.choice.modeId no mode "sideways" in the chosen restraint'],
  [
    'no such place',
    (c) => (c.choice.positionId = 'rear-left-2'),
    '$.choice.positionId no place "rear-left-2" in the vehicle',
  ],
  [
    'no such recline',
    (c) => (c.settings.recline = { value: 'r9', at: Sequence(1) }),
    '$.settings.recline.value the mode has no recline "r9"',
  ],
  [
    'notch past the last',
    (c) => (c.settings.legNotch = { value: 20, at: Sequence(1) }),
    "$.settings.legNotch.value must be at most 19, the leg's last notch",
  ],
  [
    'an option of another check',
    (c) => (c.readings['tug-left'] = { option: 'latched', at: Sequence(1) }),
    '$.readings["tug-left"].option must be one of "held", "gave", "unsure"',
  ],
  [
    'two places of one id',
    (c) => c.vehicle.positions.push(c.vehicle.positions[0]),
    '$.vehicle.positions[1].id "rear-left" is used twice',
  ],
  [
    'R129 without stature',
    (c) => delete c.restraints[0].modes[0].statureCm,
    '$.restraints[0].modes[0].statureCm UN R129 goes by stature: needs "from" and "to" in cm',
  ],
  ['another format', (c) => (c.format = 'other'), '$.format must be one of "nimble-anchor/case"'],
])('%s is named by its path and limit', (_, spoil, fault) => {
  const c = structuredClone(good) as Loose
  spoil(c)
  expect(faultsOf(c)).toContain(fault)
  // The same where only what was written is judged, and the rest is what it was.
  const written = Object.fromEntries(
    Object.entries(c as Case).map(([k, v]) => {
      const was = good[k as keyof Case]
      return [k, JSON.stringify(v) === JSON.stringify(was) ? was : v]
    }),
  )
  const parsed = parseChanged(good, written)
  expect(parsed.ok ? [] : parsed.error.map(faultText)).toEqual(faultsOf(c))
})

test.each(['today', 'child', 'choice', 'readings', 'practice', 'localRule'] as const)(
  'a case without its %s is none, also where only what was written is judged',
  (field) => {
    const { [field]: _gone, ...rest } = good
    const parsed = parseChanged(good, rest)
    expect(parsed.ok ? [] : parsed.error.map(faultText)).toEqual(faultsOf(rest))
    expect(parsed.ok).toBe(false)
  },
)

test('what an entry did not touch stays the very object that it was', () => {
  const applied = applyPuts(good, [{ path: ['child', 'note'], value: 'sings' }], Sequence(5))
  if (!applied.ok) throw new Error('taken')
  const { child, ...rest } = applied.value.case
  expect(child).not.toBe(good.child)
  for (const key of Object.keys(rest) as (keyof typeof rest)[]) expect(rest[key]).toBe(good[key])
})

test('every fault is named, not only the first', () => {
  const c = structuredClone(good) as Loose
  c.child.massKg.value = 99
  c.today = 'yesterday'
  expect(faultsOf(c)).toHaveLength(2)
})

describe('entries', () => {
  test.each<[Put, boolean]>([
    [{ path: ['child', 'massKg'], value: measured(11) }, true],
    [{ path: ['child', 'id'], value: 'other' }, false],
    [{ path: ['child', 'massKg', 'value'], value: 11 }, false],
    [{ path: ['vehicle', 'rear-left', 'floor'], value: { kind: 'solid' } }, true],
    [{ path: ['vehicle', 'rear-left', 'row'], value: 3 }, false],
    [{ path: ['vehicle', 'nowhere', 'floor'], value: { kind: 'solid' } }, false],
    [{ path: ['readings', 'tug-left'], value: { option: 'held' } }, true],
    [{ path: ['readings', 'mood'], value: { option: 'held' } }, false],
    [{ path: ['disturbances', 'base'], value: {} }, true],
    [{ path: ['format'], value: 'x' }, false],
    [{ path: ['__proto__', 'polluted'], value: true }, false],
    [{ path: [], value: 1 }, false],
  ])('%j is taken: %s', (put, isTaken) => {
    expect(applyPuts(good, [put], Sequence(5)).ok).toBe(isTaken)
  })
  test('all of an entry is taken or none; a value outside its limit names the field', () => {
    const result = applyPuts(
      good,
      [
        { path: ['child', 'massKg'], value: measured(11) },
        { path: ['child', 'statureCm'], value: measured(500) },
      ],
      Sequence(5),
    )
    expect(result).toMatchObject({
      ok: false,
      error: [{ path: '$.child.statureCm.value', message: 'must be at most 190 cm' }],
    })
  })
  test('what takes part in staleness is stamped with the entry’s place in the order', () => {
    const result = applyPuts(
      good,
      [
        { path: ['readings', 'tug-left'], value: { option: 'held', at: Sequence(999) } },
        { path: ['child', 'name'], value: 'Kitty' },
      ],
      Sequence(5),
    )
    if (!result.ok) throw new Error('taken')
    expect(result.value.case.readings['tug-left']).toEqual({ option: 'held', at: Sequence(5) })
    expect(result.value.changed).toEqual([
      { path: ['readings', 'tug-left'], from: null, to: { option: 'held', at: Sequence(5) } },
      { path: ['child', 'name'], from: 'Kit', to: 'Kitty' },
    ])
  })

  const somePut = fc.oneof(
    fc.double({ min: 1, max: 60, noNaN: true }).map((x): Put => ({ path: ['child', 'massKg'], value: measured(x) })),
    fc.constant<Put>({ path: ['child', 'massKg'], value: null }),
    fc.constantFrom('held', 'gave').map((option): Put => ({ path: ['readings', 'tug-left'], value: { option } })),
    fc.constantFrom('r1', 'r2').map((value): Put => ({ path: ['settings', 'recline'], value: { value } })),
    fc.constant<Put>({ path: ['disturbances', 'base'], value: {} }),
    fc.constantFrom('solid', 'none').map((kind): Put => ({ path: ['vehicle', 'rear-left', 'floor'], value: { kind } })),
  )
  test('a history replays to the same state, and undoing every entry leads back', () => {
    fc.assert(
      fc.property(fc.array(fc.array(somePut, { minLength: 1, maxLength: 3 }), { maxLength: 12 }), (entries) => {
        let current: Case = good
        const history: (readonly Changed[])[] = []
        entries.forEach((puts, i) => {
          const applied = applyPuts(current, puts, Sequence(i + 2))
          if (!applied.ok) throw new Error(applied.error.map(faultText).join())
          current = applied.value.case
          history.push(applied.value.changed)
        })
        expect(replay(good, history)).toEqual(current)
        // As it comes over the wire, and without judging it again.
        expect((JSON.parse(JSON.stringify(history)) as typeof history).reduce(withChanges, good)).toEqual(current)
        for (const changes of history.toReversed()) {
          const back = revert(current, changes)
          if (!back.ok) throw new Error('reverts')
          current = back.value
        }
        expect(current).toEqual(good)
      }),
      { seed: 17, numRuns: 100 },
    )
  })
  test('a history that does not fit throws: it is our fault, not the user’s', () => {
    expect(() => replay(good, [[{ path: ['child', 'massKg'], from: null, to: 'heavy' }]])).toThrow(/does not replay/)
  })
})

describe('choosing', () => {
  const apply = (c: Case, puts: readonly Put[]): Case => {
    const applied = applyPuts(c, puts, Sequence(7))
    if (!applied.ok) throw new Error(applied.error.map(faultText).join())
    return applied.value.case
  }
  test('another mode takes the settings of the old one away, keeps the place, and asks for its own route', () => {
    const before = withEverythingGood(good)
    const model = buildModel([buildMode(), buildMode(FORWARD)])
    const after = apply(before, putsForMode(before, model, 'forward', buildUnit()))
    expect(after.settings).toEqual({})
    expect(after.choice).toEqual({
      modelId: ModelId('halyard'),
      unitId: UnitId('unit-1'),
      modeId: 'forward',
      positionId: 'rear-left',
      at: Sequence(7),
    })
    expect(assess(after).verdict).not.toBe('ready')
  })
  test('another unit of the same mode keeps settings and route, but every check is asked again', () => {
    const before = withEverythingGood(good)
    const after = apply(
      before,
      putsForMode(before, before.restraints[0]!, 'rearward', buildUnit({ id: UnitId('unit-2') })),
    )
    expect(after.settings).toEqual(before.settings)
    expect(after.choice.routeId).toBe('isofix-leg')
    expect(assess(after)).toMatchObject({ verdict: 'undecided' })
    expect(assess(after).stale.length).toBeGreaterThan(5)
  })
  test('a place takes the notch of the old one away; a car takes the place away', () => {
    const before = withEverythingGood(buildCase({ others: [buildPosition({ id: 'rear-right', label: 'Rear right' })] }))
    const moved = apply(before, putsForPlace(before, 'rear-right', 'isofix-leg'))
    expect(moved.settings.legNotch).toBeUndefined()
    expect(moved.settings.recline).toEqual(before.settings.recline)
    const other = apply(moved, putsForVehicle(moved, { ...buildVehicle(), id: VehicleId('corran-ruff') }))
    expect(chosenIn(other)).toMatchObject({ position: undefined, route: undefined, mode: { id: 'rearward' } })
  })
  test('a mode that the model does not have is our own fault', () => {
    expect(() => putsForMode(good, good.restraints[0]!, 'nothing', undefined)).toThrow(/no mode/)
  })
})
