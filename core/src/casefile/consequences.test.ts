import { IsoDate, Sequence } from '../ground/index.ts'
import { runs } from '../../test/runs.ts'
import fc from 'fast-check'
import { buildCase, BELT_ROUTE, withEverythingGood } from '../../test/build.ts'
import { CONFIGURATIONS } from '../../test/configurations.ts'
import {
  applyPuts,
  assess,
  CHECK_IDS,
  checkOf,
  datedChild,
  edgesOf,
  fittedSubject,
  highestSequence,
  measured,
  revert,
  staleIn,
  type Case,
  type CheckId,
  type Put,
} from '../index.ts'

const enter = (c: Case, puts: readonly Put[], at = highestSequence(c) + 1): Case => {
  const applied = applyPuts(c, puts, Sequence(at))
  if (!applied.ok) throw new Error(JSON.stringify(applied.error))
  return applied.value.case
}
const read = (id: CheckId, option: string, more: object = {}): Put => ({
  path: ['readings', id],
  value: { option, ...more },
})
const number = (id: CheckId, value: number, plusMinus = 1): Put => ({
  path: ['readings', id],
  value: { number: measured(value, plusMinus) },
})
const good = withEverythingGood(buildCase())
const staleOf = (c: Case) => [...staleIn(c).keys()].toSorted()

describe('a bad check put right is its step done over', () => {
  test('an indicator from open to latched asks for tugs, leg and movement again, and not for the harness', () => {
    const open = enter(good, [read('latch-left', 'open')])
    expect(assess(open).verdict).toBe('not-ready')
    const closed = enter(open, [read('latch-left', 'latched')])
    expect(assess(closed).verdict).toBe('undecided')
    expect(staleOf(closed)).toEqual(
      expect.arrayContaining(['latch-right', 'tug-left', 'tug-right', 'leg-contact', 'steadiness-mm']),
    )
    for (const id of ['latch-left', 'slack-mm', 'harness-buckle', 'label-serial'] as const)
      expect(staleOf(closed)).not.toContain(id)
    expect(assess(closed).stale[0]?.because).toContain('“left indicator” was bad and corrected')
  })
  test('a coat taken off asks for the slack again', () => {
    const coat = enter(good, [read('coat', 'coat')])
    expect(staleOf(enter(coat, [read('coat', 'indoor')]))).toEqual(
      expect.arrayContaining(['slack-mm', 'harness-buckle', 'strap-exit']),
    )
  })
  test.each([
    [30, 9, true],
    [9, 9.5, false],
    [9, 12, true],
    [16, 15.5, false],
  ])('slack of %s ± 1 and then %s ± 1: done over %s', (before, now, isAgain) => {
    const noted = enter(buildCase(), [number('slack-mm', before)])
    expect(noted.redone).toBeUndefined()
    expect(enter(noted, [number('slack-mm', now)]).redone?.['slack-mm'] !== undefined).toBe(isAgain)
  })
  test('cannot tell, then seen good: that is a look, not work', () => {
    const c = enter(enter(good, [read('latch-left', 'unsure')]), [read('latch-left', 'latched')])
    expect(c.redone).toBeUndefined()
    expect(assess(c).verdict).toBe('ready')
  })
  test('taking the bad note away first gains nothing', () => {
    const open = enter(good, [read('latch-left', 'open')])
    const gone = enter(open, [{ path: ['readings', 'latch-left'], value: null }])
    expect(gone.takenAway?.['latch-left']).toMatchObject({ option: 'open' })
    const closed = enter(gone, [read('latch-left', 'latched')])
    expect(closed.takenAway).toBeUndefined()
    expect(staleOf(closed)).toContain('tug-left')
  })
  test('what no longer held was to be made again anyway', () => {
    const open = enter(good, [read('latch-left', 'open')])
    const relatched = enter(open, [{ path: ['disturbances', 'connectors'], value: {} }])
    const tugged = enter(relatched, [read('tug-left', 'held')])
    expect(staleOf(enter(tugged, [read('latch-left', 'latched')]))).not.toContain('tug-left')
  })
  test('one slack touching the other is the same slack measured again', () => {
    const noted = enter(buildCase(), [number('slack-mm', 9)])
    for (const [value, isAgain] of [
      [11, false],
      [7, false],
      [11.1, true],
      [6.9, true],
    ] as const)
      expect([value, enter(noted, [number('slack-mm', value)]).redone !== undefined]).toEqual([value, isAgain])
  })
  test('bad, then another thing: done over where it is said to be good or bad, not where nobody can tell', () => {
    const open = enter(good, [read('latch-left', 'open')])
    expect(enter(open, [read('latch-left', 'open')]).redone).toBeUndefined()
    expect(enter(open, [read('latch-left', 'unsure')]).redone).toBeUndefined()
    const mat = enter(good, [read('leg-contact', 'gap')])
    expect(Object.keys(enter(mat, [read('leg-contact', 'packed')]).redone ?? {})).toEqual(['leg-contact'])
    // What a rule decides is left to it: another answer is another state of the car.
    const touching = enter(good, [read('front-seat', 'touching')])
    expect(Object.keys(enter(touching, [read('front-seat', 'clear')]).redone ?? {})).toEqual(['front-seat'])
  })
  test.each<[string, Put, boolean]>([
    ['seen good', read('latch-left', 'latched'), false],
    ['could not be told', read('latch-left', 'unsure'), false],
    ['seen bad', read('latch-left', 'open'), true],
    ['left to a rule', read('front-seat', 'touching'), true],
    ['a figure', number('slack-mm', 9), true],
    ['only what it showed before', { path: ['readings', 'latch-left'], value: { before: 'open' } }, false],
  ])('taken away again, what was %s is remembered: %s', (_, entry, isKept) => {
    const c = enter(buildCase(), [entry])
    const gone = enter(c, [{ path: entry.path, value: null }])
    expect(Object.keys(gone.takenAway ?? {})).toEqual(isKept ? [entry.path[1]] : [])
    expect(enter(gone, [{ path: entry.path, value: null }]).takenAway).toEqual(gone.takenAway)
  })
  test('what it showed before latching says nothing of now: nothing is done over, nothing forgotten', () => {
    const gone = enter(enter(good, [read('latch-left', 'open')]), [{ path: ['readings', 'latch-left'], value: null }])
    const before = enter(gone, [{ path: ['readings', 'latch-left'], value: { before: 'open' } }])
    expect([before.takenAway, before.redone]).toEqual([gone.takenAway, undefined])
  })
  test('of very many times put right the last are kept', () => {
    const many = Array.from({ length: 500 }, (_, i) => ({ from: Sequence(i), at: Sequence(i + 1) }))
    const open = enter({ ...good, redone: { 'latch-left': many } }, [read('latch-left', 'open')], 600)
    const closed = enter(open, [read('latch-left', 'latched')], 601)
    expect(closed.redone?.['latch-left']).toEqual([...many.slice(1), { from: 600, at: 601 }])
  })
  test('every check can be put right, and never un-passes itself', () => {
    for (const id of CHECK_IDS) expect([id, edgesOf(`redone.${id}`, undefined).includes(id)]).toEqual([id, false])
  })
  test('in any fitting, a bad option of any check and then a good one is never ready at once where others hang on it', () => {
    for (const [name, c] of Object.entries(CONFIGURATIONS)) {
      const ready = withEverythingGood(c)
      const asked = fittedSubject(ready)!.asked!()
      for (const id of asked) {
        const check = checkOf(id)
        const bad = check.kind === 'options' ? check.options.find((o) => o.means === 'fail')?.id : undefined
        const was = ready.readings[id]?.option
        const hangs = edgesOf(`redone.${id}`, undefined).some(
          (x) => asked.has(x as CheckId) && ready.readings[x as CheckId],
        )
        if (bad === undefined || was === undefined || !hangs) continue
        const again = enter(enter(ready, [read(id, bad)]), [read(id, was)])
        expect([name, id, assess(again).verdict === 'ready']).toEqual([name, id, false])
      }
    }
  })
})

describe('a slip of the finger', () => {
  const open = enter(good, [read('latch-left', 'open')])
  test('is put right as one, and what it was is kept', () => {
    const c = enter(open, [read('latch-left', 'latched', { slip: 'open' })])
    expect(c.readings['latch-left']).toMatchObject({ option: 'latched', slip: 'open' })
    expect(assess(c).verdict).toBe('ready')
  })
  test.each<[string, Case, string]>([
    ['something entered since', enter(open, [read('tug-left', 'held')]), 'something was entered since'],
    ['another thing than was noted', open, 'must be what was recorded: "open"'],
    ['nothing noted before', buildCase(), 'nothing was recorded before'],
  ])('%s: refused, naming the field', (_, c, message) => {
    const slip = message.startsWith('must') ? 'unsure' : 'open'
    const applied = applyPuts(c, [read('latch-left', 'latched', { slip })], Sequence(highestSequence(c) + 1))
    expect(applied).toMatchObject({ ok: false, error: [{ path: '$.puts[0].value.slip' }] })
    if (!applied.ok) expect(applied.error[0]?.message).toContain(message)
  })
})

describe('another child', () => {
  const put = (key: string, value: unknown): Put => ({ path: ['child', key], value })
  test.each([
    ['massKg', measured(12.2, 0.1), ['slack-mm', 'strap-pressure']],
    ['statureCm', measured(84, 0.5), ['head', 'strap-exit']],
    ['seatedShoulderHeightMm', measured(330, 4), ['strap-exit', 'slack-mm']],
  ])('%s changed beyond both measurements un-passes what rests on it', (key, value, again) => {
    const c = enter(good, [put(key, value)])
    expect(staleOf(c)).toEqual(expect.arrayContaining(again))
    expect(staleOf(c)).not.toContain('latch-left')
  })
  test('a measure made closer, and a new name, change nothing that was seen', () => {
    expect(staleOf(enter(good, [put('massKg', measured(10.35, 0.05))]))).toEqual([])
    expect(staleOf(enter(good, [put('name', 'Kitty')]))).toEqual([])
  })
  test.each([
    ['dateOfBirth', '2025-06-10', '2025-07-10'],
    ['sex', 'male', 'female'],
  ])('a changed %s asks: put right, or another child?', (field, value, was) => {
    const start = field === 'sex' ? enter(good, [put('sex', 'female')]) : good
    const c = enter(start, [put(field, value)])
    expect(c.identity).toMatchObject({ field, was })
    expect(assess(c)).toMatchObject({ verdict: 'undecided' })
    expect(assess(c).measureNext.map((n) => n.need)).toContain('child.identity')
    const { at: _at, ...asked } = c.identity!
    const corrected = enter(c, [{ path: ['identity'], value: { ...asked, answer: 'corrected' } }])
    expect(assess(corrected).verdict).toBe('ready')
    const another = enter(c, [{ path: ['identity'], value: { ...asked, answer: 'another' } }])
    expect(another.child.massKg).toBeUndefined()
    expect(another.child.needsPostureSpecialist).toBeUndefined()
    expect(staleOf(another)).toEqual(expect.arrayContaining(['slack-mm', 'strap-exit', 'head', 'coat']))
    expect(staleOf(another)).not.toContain('latch-left')
  })
  test('taking the day away and giving another one does not get round the question', () => {
    const gone = enter(good, [put('dateOfBirth', null)])
    expect(gone.identity?.was).toBe('2025-07-10')
    const other = enter(gone, [put('dateOfBirth', '2024-01-01')])
    expect(other.identity?.answer).toBeUndefined()
    expect(assess(other).verdict).toBe('undecided')
  })
  test.each<[string, ReturnType<typeof measured> | null, string | undefined]>([
    ['the same', measured(16, 1), undefined],
    ['told more closely', measured(15.5, 0.5), undefined],
    ['touching it', measured(18, 1), undefined],
    ['another', measured(18.5, 1), '15 to 17 months'],
    ['taken away', null, '15 to 17 months'],
  ])('an age as told, then %s', (_, now, was) => {
    const told = buildCase({ child: { dateOfBirth: undefined, ageMonths: measured(16, 1) } })
    expect(enter(told, [put('ageMonths', now)]).identity?.was).toBe(was)
  })
  test('an age told to the month is said so', () => {
    const told = buildCase({ child: { dateOfBirth: undefined, ageMonths: measured(16, 0) } })
    expect(enter(told, [put('ageMonths', measured(20, 0))]).identity).toEqual({ field: 'ageMonths', was: '16 months', at: 2 }) // prettier-ignore
  })
  test('the first doubt stands until it is answered; answered, the next is another', () => {
    const c = enter(enter(good, [put('dateOfBirth', '2025-06-10')]), [put('sex', 'male')])
    expect(c.identity).toMatchObject({ field: 'dateOfBirth', was: '2025-07-10' })
    const twice = enter(c, [put('sex', 'female')])
    expect(twice.identity).toMatchObject({ field: 'dateOfBirth', was: '2025-07-10', at: highestSequence(c) + 1 })
    const { at: _at, ...asked } = twice.identity!
    const answered = enter(twice, [{ path: ['identity'], value: { ...asked, answer: 'corrected' } }])
    expect(enter(answered, [put('sex', 'male')]).identity).toEqual({ field: 'sex', was: 'female', at: highestSequence(answered) + 1 }) // prettier-ignore
  })
  test('another child: what was measured since the question is of this one, and stays; the rest goes', () => {
    const asked = enter(good, [put('dateOfBirth', '2025-06-10')])
    const weighed = enter(asked, [put('massKg', measured(12.2, 0.1))])
    const { at: _at, ...question } = weighed.identity!
    const other = enter(weighed, [{ path: ['identity'], value: { ...question, answer: 'another' } }])
    expect(other.child).toEqual({ id: 'kit-amber', name: 'Kit', dateOfBirth: '2025-06-10', massKg: measured(12.2, 0.1) }) // prettier-ignore
    // Said a second time nothing more goes.
    const measuredSince = enter(other, [put('statureCm', measured(81, 0.5))])
    const { at: _again, ...answer } = measuredSince.identity!
    expect(enter(measuredSince, [{ path: ['identity'], value: answer }]).child).toEqual(measuredSince.child)
  })
  test('one weighed before the question was raised is of the child before', () => {
    const weighed = enter(good, [put('massKg', measured(12.2, 0.1))])
    const asked = enter(weighed, [put('dateOfBirth', '2025-06-10')])
    const { at: _at, ...question } = asked.identity!
    expect(enter(asked, [{ path: ['identity'], value: { ...question, answer: 'another' } }]).child.massKg).toBeUndefined() // prettier-ignore
  })
  test('the first day that is given asks nothing', () => {
    const unborn = buildCase({ child: { dateOfBirth: undefined, ageMonths: measured(16) } })
    expect(enter(unborn, [put('dateOfBirth', '2025-07-10')]).identity).toBeUndefined()
  })
})

test('the day moves on: it is written first on every measure that has none, and undone with the entry', () => {
  const applied = applyPuts(good, [{ path: ['today'], value: '2026-11-26' }], Sequence(9))
  if (!applied.ok) throw new Error('applies')
  expect(applied.value.case.child.massKg?.on).toBe(good.today)
  expect(revert(applied.value.case, applied.value.changed)).toEqual({ ok: true, value: good })
})

test('a day on a measure stays as it is, and the same day again writes none', () => {
  const dated = enter(good, [{ path: ['child', 'massKg'], value: { ...measured(10.4, 0.1), on: '2026-11-20' } }])
  const next = enter(dated, [{ path: ['today'], value: '2026-11-26' }])
  expect([next.child.massKg?.on, next.child.statureCm?.on]).toEqual(['2026-11-20', '2026-11-25'])
  expect(enter(dated, [{ path: ['today'], value: '2026-11-25' }]).child).toEqual(dated.child)
})
test('a child with a day on every measure that has none', () => {
  const child = { ...good.child, massKg: { ...measured(10.4, 0.1), on: IsoDate('2026-11-20') } }
  const { name, massKg, statureCm, seatedShoulderHeightMm, sittingHeightMm } = datedChild(child, '2026-11-25')
  expect([name, massKg?.on, statureCm?.on, seatedShoulderHeightMm?.on, sittingHeightMm]).toEqual(['Kit', '2026-11-20', '2026-11-25', '2026-11-25', undefined]) // prettier-ignore
})

test('whatever is entered in any order, one entry undone is as if it had never been', () => {
  const some = fc.constantFrom<Put>(
    read('latch-left', 'open'),
    read('latch-left', 'latched'),
    read('coat', 'coat'),
    read('coat', 'indoor'),
    number('slack-mm', 30),
    number('slack-mm', 9),
    { path: ['readings', 'latch-left'], value: null },
    { path: ['child', 'massKg'], value: measured(12, 0.1) },
    { path: ['child', 'dateOfBirth'], value: '2025-01-01' },
    { path: ['child', 'dateOfBirth'], value: null },
    { path: ['disturbances', 'removed'], value: {} },
    { path: ['today'], value: '2026-11-26' },
  )
  fc.assert(
    fc.property(fc.array(some, { minLength: 1, maxLength: 8 }), (puts) => {
      let c = withEverythingGood(buildCase({ route: BELT_ROUTE }))
      const before: { readonly c: Case; readonly changed: Parameters<typeof revert>[1] }[] = []
      for (const put of puts) {
        const applied = applyPuts(c, [put], Sequence(highestSequence(c) + 1))
        if (!applied.ok) continue
        before.push({ c, changed: applied.value.changed })
        c = applied.value.case
      }
      for (const step of before.toReversed()) {
        const back = revert(c, step.changed)
        expect(back).toEqual({ ok: true, value: step.c })
        c = step.c
      }
    }),
    { seed: 5, numRuns: runs(60) },
  )
})
