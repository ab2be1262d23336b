import { buildCase, buildPosition, withEverythingGood } from '../../test/build.ts'
import { inRide, other, REST_OF_CAR } from '../../test/ride.ts'
import { CHECK_IDS, childSchema, DISTURBANCE_IDS, measured, positionSchema, SETTING_IDS } from '../index.ts'
import { Sequence } from '../ground/index.ts'
import { applyPuts, highestSequence, type Case, type Put } from './index.ts'

const c = buildCase({ others: REST_OF_CAR })
const FITTED = withEverythingGood(c)
const put = (path: readonly string[], value: unknown = null): Put => ({ path, value })
const enter = (before: Case, ...puts: readonly Put[]) => applyPuts(before, puts, Sequence(highestSequence(before) + 1))
/** What is said of a path that is not a field; a value that does not fit it is another matter. */
const refusal = (path: readonly string[], before = c): string | undefined => {
  const entered = enter(before, put(path))
  const fault = entered.ok ? undefined : entered.error.find((f) => f.path === '$.puts[0].path')
  return fault?.message
}
const notAField = (path: readonly string[]) => `"${path.join('.')}" is not a field that can be set`

describe('which fields an entry may set', () => {
  const OWN_OF_CHILD = ['id']
  const OWN_OF_PLACE = ['id', 'label', 'row', 'side', 'lateralCentreMm']
  /** What only the car's own entry says of a place, for everybody who rides in it. */
  const OF_THE_ENTRY = ['widthMm', 'doorSide', 'airbagOf', 'reachedPast', 'sharedWith', 'note']
  const WHOLE = ['choice', 'restraints', 'units', 'practice', 'localRule', 'today', 'handover', 'identity', 'journeyMinutes', 'vehicle', 'ride'] // prettier-ignore

  test.each(Object.keys(childSchema.shape))('of the child: %s, unless it says who it is', (field) => {
    expect(refusal(['child', field])).toBe(OWN_OF_CHILD.includes(field) ? notAField(['child', field]) : undefined)
  })
  test.each(Object.keys(positionSchema.shape))('of a place: %s, unless it says which place it is', (field) => {
    const path = ['vehicle', 'rear-centre', field]
    expect(refusal(path)).toBe([...OWN_OF_PLACE, ...OF_THE_ENTRY].includes(field) ? notAField(path) : undefined)
  })
  test.each(WHOLE)('%s as a whole, and nothing within it', (root) => {
    expect(refusal([root])).toBeUndefined()
    expect(refusal([root, 'x'])).toBe(notAField([root, 'x']))
    expect(refusal([root, 'rear-left', 'belt', 'kind'])).toBe(notAField([root, 'rear-left', 'belt', 'kind']))
  })
  test.each<[string, readonly string[]]>([
    ['settings', SETTING_IDS],
    ['readings', CHECK_IDS],
    ['disturbances', DISTURBANCE_IDS],
    ['ride', ['own', 'others', 'installedBefore']],
  ])('of %s each that there is, and none that there is not', (root, ids) => {
    for (const id of ids) {
      expect([id, refusal([root, id])]).toEqual([id, undefined])
      expect(refusal([root, id, 'x'])).toBe(notAField([root, id, 'x']))
    }
    expect(refusal([root, 'no-such'])).toBe(notAField([root, 'no-such']))
  })
  test('a record of many is not set as one', () => {
    for (const root of ['child', 'settings', 'readings', 'disturbances', 'stepsDone'])
      expect(refusal([root])).toBe(notAField([root]))
  })
  test.each<[string, boolean]>([
    ['prepare', true],
    ['2nd-look', true],
    ['x'.repeat(63), true],
    ['x'.repeat(64), false],
    ['-prepare', false],
    ['Prepare', false],
    ['a prepare', false],
    ['', false],
  ])('a step %j: %s', (step, may) => {
    expect(refusal(['stepsDone', step])).toBe(may ? undefined : notAField(['stepsDone', step]))
    expect(refusal(['stepsDone', step, 'at'])).toBe(notAField(['stepsDone', step, 'at']))
  })
  test('nothing else: what follows of itself, what there is not, nothing at all', () => {
    for (const path of [
      [],
      ['redone', 'latch-left'],
      ['takenAway', 'latch-left'],
      ['childChanged', 'massKg'],
      ['format'],
      ['version'],
      ['x'],
    ])
      // prettier-ignore
      expect(refusal(path)).toBe(notAField(path))
  })
  test('a place that the car has not is named, and nothing is entered', () => {
    expect(enter(c, put(['child', 'note'], 'x'), put(['vehicle', 'rear-boot', 'belt']))).toEqual({
      ok: false,
      error: [{ path: '$.puts[1].path', message: 'no place "rear-boot" in the vehicle' }],
    })
  })
})

describe('what an entry changes', () => {
  test('one place of a car, and no other', () => {
    const entered = enter(c, put(['vehicle', 'rear-centre', 'floor'], { kind: 'box-not-allowed' }))
    if (!entered.ok) throw new Error('entered')
    expect(entered.value.case.vehicle?.positions.map((p) => p.floor?.kind)).toEqual(['solid', 'box-not-allowed', 'solid', 'solid', 'solid']) // prettier-ignore
    expect(entered.value.changed).toEqual([
      { path: ['vehicle', 'rear-centre', 'floor'], from: { kind: 'solid' }, to: { kind: 'box-not-allowed' } },
    ])
  })
  test('a fact taken away is gone, not empty', () => {
    const entered = enter(c, put(['vehicle', 'rear-left', 'tether']))
    if (!entered.ok) throw new Error('entered')
    const { tether: _tether, ...rest } = buildPosition()
    expect(entered.value.case.vehicle?.positions[0]).toEqual(rest)
    expect('tether' in entered.value.case.vehicle!.positions[0]!).toBe(false)
  })
  test('a setting says what stood before it; nothing else does', () => {
    const first = enter(c, put(['settings', 'recline'], { value: 'r1' }), put(['disturbances', 'base'], {}))
    if (!first.ok) throw new Error('entered')
    expect([first.value.case.settings, first.value.case.disturbances]).toEqual([{ recline: { value: 'r1', at: 2 } }, { base: { at: 2 } }]) // prettier-ignore
    const second = enter(first.value.case, put(['settings', 'recline'], { value: 'r2' }), put(['disturbances', 'base'], {})) // prettier-ignore
    if (!second.ok) throw new Error('entered')
    expect([second.value.case.settings, second.value.case.disturbances]).toEqual([
      { recline: { value: 'r2', was: 'r1', at: 3 } },
      { base: { at: 3 } },
    ])
  })
  test('what is put again as it stood is in the entry too: somebody looked', () => {
    const entered = enter(FITTED, put(['readings', 'latch-left'], { option: 'latched' }), put(['child', 'note'], null))
    if (!entered.ok) throw new Error('entered')
    expect(entered.value.changed.map((x) => x.path.join('.'))).toEqual(['readings.latch-left', 'child.note'])
  })
  test('what cannot be read is named, and nothing is entered', () => {
    expect(enter(c, put(['settings', 'recline'], 'r1'))).toMatchObject({
      ok: false,
      error: [{ path: '$.settings.recline' }],
    })
    expect(enter(c, put(['child', 'massKg'], measured(81)))).toEqual({
      ok: false,
      error: [{ path: '$.child.massKg.value', message: 'must be at most 80 kg' }],
    })
  })
  test('the last of what is only remembered goes with its record', () => {
    const open = enter(FITTED, put(['readings', 'latch-left'], { option: 'open' }))
    const gone = open.ok ? enter(open.value.case, put(['readings', 'latch-left'])) : open
    if (!gone.ok) throw new Error('entered')
    expect(Object.keys(gone.value.case.takenAway ?? {})).toEqual(['latch-left'])
    const back = enter(gone.value.case, put(['readings', 'latch-left'], { option: 'latched' }))
    if (!back.ok) throw new Error('entered')
    expect('takenAway' in back.value.case).toBe(false)
  })
})

test('the highest place in the order of entry, wherever it stands', () => {
  const at = (n: number) => ({ at: Sequence(n) })
  const none = { ...c, choice: at(0), settings: {}, disturbances: {}, readings: {} } as Case
  expect(highestSequence(none)).toBe(0)
  const seven: readonly Partial<Case>[] = [
    { choice: at(7) },
    { identity: { field: 'sex', was: 'girl', ...at(7) } },
    { settings: { recline: { value: 'r1', ...at(7) } } },
    { readings: { 'latch-left': { option: 'open', ...at(7) } } },
    { disturbances: { base: at(7), left: at(3) } },
    { stepsDone: { prepare: at(7) } },
    { childChanged: { massKg: at(7) } },
    { redone: { 'latch-left': [{ from: Sequence(2), at: Sequence(7) }] } },
    { takenAway: { 'latch-left': { option: 'open', ...at(7) } } },
  ]
  for (const one of seven) expect([one, highestSequence({ ...none, ...one })]).toEqual([one, 7])
})

test('of a ride nothing is kept that is taken away', () => {
  const ridden = inRide(c, [], { outsideMm: 440 })
  const entered = enter(ridden, put(['ride', 'own']))
  if (!entered.ok) throw new Error('entered')
  expect(entered.value.case.ride).toEqual({ id: 'ride-1', others: [] })
  expect(entered.value.case.disturbances.beside).toEqual({ at: 2 })
})

test('what follows from an entry and stands already is no change of its own', () => {
  const { modelId, modeId, positionId } = c.choice
  const own = { outsideMm: 440, of: { modelId, modeId, positionId } }
  const paths = (value: object) => {
    const entered = enter(inRide(c, []), put(['ride', 'own'], value))
    if (!entered.ok) throw new Error('entered')
    return entered.value.changed.map(({ path }) => path.join('.'))
  }
  expect(paths(own)).toEqual(['ride.own', 'disturbances.beside'])
  expect(paths({ outsideMm: 440 })).toEqual(['ride.own', 'ride.own', 'disturbances.beside'])
})

test('a ride that is none is refused, not followed', () => {
  for (const others of [null, [null], 'x'])
    expect(enter(c, put(['ride', 'others'], others))).toMatchObject({ ok: false, error: expect.any(Array) as unknown })
})

test('how long the journey takes: a minute to two days', () => {
  const path = ['journeyMinutes']
  for (const value of [1, 240, 2880]) expect(enter(c, put(path, value)).ok).toBe(true)
  for (const value of [0, 2881, 1.5, '240'])
    expect(enter(c, put(path, value))).toMatchObject({ ok: false, error: [{ path: '$.journeyMinutes' }] })
})

describe('what is entered as it stands brings nothing with it', () => {
  const paths = (before: Case, path: readonly string[], value: unknown) => {
    const entered = enter(before, put(path, value))
    if (!entered.ok) throw new Error(JSON.stringify(entered.error))
    return entered.value.changed.map((x) => x.path.join('.'))
  }
  test('the same date of birth asks nobody whether it is another child', () => {
    expect(paths(c, ['child', 'dateOfBirth'], c.child.dateOfBirth)).toEqual(['child.dateOfBirth'])
    expect(paths(c, ['child', 'dateOfBirth'], '2024-01-01')).toEqual(['child.dateOfBirth', 'identity'])
  })
  test('nothing on it, and nothing taken off, is no change beside it', () => {
    expect(paths(inRide(c, []), ['ride', 'own'], null)).toEqual(['ride.own'])
  })
  test('what was measured in the entry that asked is of the child that is there now', () => {
    const asked = applyPuts(c, [put(['child', 'dateOfBirth'], '2024-01-01'), put(['child', 'massKg'], measured(15))], Sequence(7)) // prettier-ignore
    if (!asked.ok) throw new Error('asked')
    const { case: now } = asked.value
    const after = applyPuts(now, [put(['identity'], { ...now.identity, answer: 'another' })], Sequence(8))
    if (!after.ok) throw new Error(JSON.stringify(after.error))
    expect(after.value.case.child).toMatchObject({ massKg: { value: 15 } })
    expect(after.value.case.child).not.toHaveProperty('statureCm')
  })
  test('the same day dates no measure; another one does', () => {
    const undated = { ...c, child: { ...c.child, massKg: measured(10.4) } }
    expect(paths(undated, ['today'], c.today)).toEqual(['today'])
    expect(paths(undated, ['today'], '2026-12-01')).toContain('child.massKg')
  })
  test('the same ride leaves what is looked at beside it; another neighbour does not', () => {
    const ride = inRide(c, [other(190)])
    expect(paths(ride, ['ride'], ride.ride)).toEqual(['ride'])
    expect(paths(ride, ['ride'], { ...ride.ride!, others: [other(210)] })).toEqual(['ride', 'disturbances.beside'])
  })
})
