import { buildCase } from '../../test/build.ts'
import { Sequence } from '../ground/index.ts'
import { fittedSubject, measured, type Case, type CheckId, type Outcome, type Reading } from '../index.ts'
import { lookOutcome, untilSeen } from './looks.ts'
import { rangeOutcome } from './ranges.ts'
import { measuredOutcome, windowOutcome } from './measured.ts'
import { reasonOf, remedyOf } from './speak.ts'

const after = (readings: Readonly<Record<string, Partial<Reading>>>, over: Partial<Case> = {}): Case => ({
  ...buildCase(),
  readings: Object.fromEntries(Object.entries(readings).map(([id, r]) => [id, { at: Sequence(5), ...r }])),
  ...over,
})
const subject = (c: Case) => fittedSubject(c)!
const turned = { settings: { recline: { value: 'r1', at: Sequence(9) } } }

test('what was looked at or measured before something changed says what has changed since, and asks for it again', () => {
  const s = subject(
    after({ 'front-seat': { option: 'clear' }, 'shell-angle-deg': { number: measured(40, 1) } }, turned),
  )
  const said = (o: Outcome) => {
    const spoken = { ...o, says: { ...o.says, rule: 'shell-angle' } }
    return [reasonOf(spoken), remedyOf(spoken)?.split('. ')[0]]
  }
  expect(said(lookOutcome(s, 'front-seat'))).toEqual(['Front seat and shell: the recline was changed after it was checked.', 'Check again']) // prettier-ignore
  expect(said(measuredOutcome(s, { id: 'shell-angle-deg', wording: 'at-most', limit: 45 }))).toEqual(['Shell angle, measured: the recline was changed after it was measured.', 'Measure again']) // prettier-ignore
})
describe('a check that a rule cannot read is a fault of the program, and named', () => {
  test.each<[string, () => unknown, string]>([
    ['a figure asked of words', () => measuredOutcome(subject(after({})), { id: 'tug-left', wording: 'at-most', limit: 1 }), 'Check tug-left is not a number'],
    ['an option that it does not have', () => lookOutcome(subject(after({ 'tug-left': { option: 'perhaps' } })), 'tug-left'), 'Check tug-left has no option "perhaps"'],
    ['words asked of a figure', () => lookOutcome(subject(after({ 'slack-mm': { option: 'x' } })), 'slack-mm'), 'Check slack-mm has no option "x"'],
    ['one that is left to a rule which does not judge it', () => lookOutcome(subject(after({ 'strap-exit': { option: 'level' } })), 'strap-exit'), 'Check strap-exit leaves "level" to a rule that does not judge it'],
  ])('%s', (_, ask, fault) => {
    expect(ask).toThrow(fault)
  }) // prettier-ignore
})
test('of each sort of check what nobody has answered asks for it', () => {
  const ids: readonly CheckId[] = ['tug-left', 'strap-exit']
  for (const id of ids)
    expect(lookOutcome(subject(after({})), id)).toMatchObject({
      kind: 'undecided',
      check: id,
      missing: [`check.${id}`],
    })
})

test('where a rule judges an option and leaves it open, the check is asked for', () => {
  const open = () => ({ kind: 'undecided', says: { message: 'seen', data: undefined } }) as const
  expect(lookOutcome(subject(after({ 'strap-exit': { option: 'level' } })), 'strap-exit', open)).toMatchObject({
    kind: 'undecided',
    check: 'strap-exit',
    missing: ['check.strap-exit'],
  })
})

test('of a window the end that decides speaks, and both are told', () => {
  const s = subject(after({ 'slack-mm': { number: measured(12, 0) } }))
  const within = (from?: number, to?: number) => windowOutcome(s, { id: 'slack-mm', from, to })
  expect(within(5, 10)).toMatchObject({ kind: 'fail', limit: 10, margin: -2, range: { from: 5, to: 10 } })
  expect(within(13, 20)).toMatchObject({ kind: 'fail', limit: 13, margin: -1, range: { from: 13, to: 20 } })
  expect(within(5, 20)).toMatchObject({ kind: 'pass', range: { from: 5, to: 20 } })
  expect(within(undefined, 10)).toMatchObject({ kind: 'fail', limit: 10, says: { data: { range: { to: 10 } } } })
})

test('a measure against one limit, whole', () => {
  const s = subject(after({ 'slack-mm': { number: measured(12, 1) } }))
  const value = { lo: 11, hi: 13 }
  expect(
    measuredOutcome(s, { id: 'slack-mm', wording: 'at-most', limit: 12.5, source: 'practice' }, { so: 1 }),
  ).toEqual({
    kind: 'undecided',
    missing: ['check.slack-mm'],
    check: 'slack-mm',
    measured: value,
    limit: 12.5,
    wording: 'at-most',
    unit: 'mm',
    margin: -0.5,
    source: 'practice',
    says: { message: 'measured', data: { kind: 'undecided', check: 'slack-mm', value, wording: 'at-most', limit: 12.5, so: 1 } }, // prettier-ignore
  })
  expect(windowOutcome(s, { id: 'slack-mm', from: 5, to: 10 }, { so: 1 })).toMatchObject({ says: { data: { so: 1, range: { from: 5, to: 10 } } } }) // prettier-ignore
})
test('a figure against a range, whole', () => {
  const ask = { unit: 'kg', from: 9, to: 18, need: 'child.massKg', source: 'regulation' } as const
  expect(rangeOutcome({ ...ask, measured: { lo: 18.1, hi: 18.3 } }, { so: 1 })).toEqual({
    kind: 'fail',
    measured: { lo: 18.1, hi: 18.3 },
    unit: 'kg',
    limit: 18,
    margin: expect.closeTo(-0.3) as number,
    range: { from: 9, to: 18 },
    source: 'regulation',
    says: { message: 'range', data: { kind: 'fail', unit: 'kg', measured: { lo: 18.1, hi: 18.3 }, from: 9, to: 18, so: 1 } }, // prettier-ignore
  })
  expect(rangeOutcome({ ...ask, measured: undefined })).toMatchObject({ kind: 'undecided', missing: ['child.massKg'], source: 'regulation' }) // prettier-ignore
})
test.each<[string, Partial<Reading> | undefined, 'pass' | 'undecided']>([
  ['nobody has looked', undefined, 'undecided'],
  ['an option', { option: 'clear' }, 'pass'],
  ['a figure', { number: measured(10) }, 'pass'],
  ['neither', {}, 'undecided'],
  ['an option, before something changed', { option: 'clear' }, 'undecided'],
])('until it is seen: %s', (when, reading, kind) => {
  const c = after(reading ? { 'front-seat': reading } : {}, when.includes('before') ? turned : {})
  const said = untilSeen(subject(c), 'position.frontClearanceMm', 'front-seat')
  expect(said).toEqual(
    kind === 'pass'
      ? { kind, source: 'practice', severity: 'advise', says: { message: 'until-seen', data: { check: 'front-seat', isSeen: true } } }
      : { kind, severity: 'advise', settledBy: 'front-seat', missing: ['position.frontClearanceMm'], says: { message: 'until-seen', data: { check: 'front-seat', isSeen: false } } },
  ) // prettier-ignore
})

describe('an indicator shows something only where it changed', () => {
  const latch = (option: string, before?: string) => lookOutcome(subject(after({ 'latch-left': { option, ...(before !== undefined && { before }) } })), 'latch-left') // prettier-ignore
  test('good, and the same before: open; good, and another before or nobody saw it: good', () => {
    expect(latch('latched', 'latched')).toMatchObject({ kind: 'undecided', missing: ['check.latch-left'], says: { message: 'was-so-before' } }) // prettier-ignore
    expect(latch('latched', 'open')).toMatchObject({ kind: 'pass', says: { message: 'seen' } })
    expect(latch('latched')).toMatchObject({ kind: 'pass', says: { message: 'seen' } })
  })
  test('bad is bad, whatever it showed before', () => {
    expect(latch('open', 'open')).toMatchObject({ kind: 'fail', says: { message: 'seen', data: { option: 'open' } } })
  })
  test('of a check that is not looked at before, what was noted says nothing', () => {
    expect(lookOutcome(subject(after({ 'tug-left': { option: 'held', before: 'held' } })), 'tug-left').kind).toBe('pass') // prettier-ignore
  })
})
