import { buildCase } from '../../test/build.ts'
import { CONFIGURATIONS } from '../../test/configurations.ts'
import { fittedSubject, measured, RULES, type Outcome } from '../index.ts'
import type { RawFinding } from '../rules/index.ts'
import {
  advisesAgainst,
  decisionAt,
  evaluate,
  evaluateFitted,
  glance,
  relativeMargin,
  roomToGrow,
  survey,
  worstFirst,
} from './evaluate.ts'

const SCOPES = ['mode', 'route', 'place', 'fitted'] as const
const finding = (
  kind: Outcome['kind'],
  severity: RawFinding['rule']['severity'],
  over: Partial<RawFinding['rule']> & { readonly by?: Outcome['source'] } = {},
): RawFinding => {
  const { by, ...rule } = over
  const outcome = { kind, missing: [], says: { message: 'x', data: undefined }, ...(by && { source: by }) } as Outcome
  return { rule: { ...RULES[0]!, id: `${kind}-${severity}`, severity, source: 'maker', ...rule }, outcome }
}

test('a whole fitting is asked of every rule of every scope, each once', () => {
  for (const c of Object.values(CONFIGURATIONS)) {
    const subject = fittedSubject(c)
    if (!subject) continue
    const ids = evaluateFitted(subject).map((f) => f.rule.id)
    expect(ids.toSorted()).toEqual(SCOPES.flatMap((scope) => evaluate(scope, subject).map((f) => f.rule.id)).toSorted())
    expect(new Set(ids).size).toBe(ids.length)
  }
})

test('what a survey says is what a glance says, and of what it leaves open it names what is missing', () => {
  const unknown = Object.values(CONFIGURATIONS).map(
    (c) => ({ ...c, child: { ...c.child, massKg: undefined }, readings: {} }) as typeof c,
  )
  const refused = unknown.flatMap((c) => [
    { ...c, child: { ...c.child, massKg: measured(45), statureCm: undefined } },
    { ...c, vehicle: c.vehicle && { ...c.vehicle, positions: c.vehicle.positions.map((p) => ({ ...p, facing: 'sideways' as const, cushion: undefined })) } }, // prettier-ignore
  ]) as (typeof unknown)[number][]
  expect(refused.some((c) => survey('mode', fittedSubject(c)!).decision === 'fail')).toBe(true)
  expect(refused.some((c) => survey('place', fittedSubject(c)!).decision === 'fail')).toBe(true)
  for (const c of [...Object.values(CONFIGURATIONS), ...unknown, ...refused]) {
    const subject = fittedSubject(c)
    if (!subject) continue
    for (const scope of SCOPES) {
      const { decision, missing } = survey(scope, subject)
      expect(decision).toBe(glance(scope, subject).decision)
      expect(decision).toBe(decisionAt(scope, subject))
      const open = evaluate(scope, subject)
        .filter((f) => f.rule.severity !== 'advise')
        .flatMap((f) => (f.outcome.kind === 'undecided' ? f.outcome.missing : []))
      expect(missing.toSorted()).toEqual(decision === 'fail' ? [] : open.toSorted())
      if (decision === 'undecided') expect(missing).not.toEqual([])
    }
  }
})

test.each<[string, RawFinding, boolean]>([
  ['advice of a maker that is not followed', finding('fail', 'advise'), true],
  ['advice that is followed', finding('pass', 'advise'), false],
  ['advice that is open', finding('undecided', 'advise'), false],
  ['a refusal', finding('fail', 'stop'), false],
  ['a law that no longer asks', finding('fail', 'advise', { source: 'regulation' }), false],
  [
    'a rule of law whose outcome practice decided',
    finding('fail', 'advise', { source: 'regulation', by: 'practice' }),
    true,
  ],
  [
    'a rule of practice whose outcome law decided',
    finding('fail', 'advise', { source: 'practice', by: 'regulation' }),
    false,
  ],
])('advises against: %s', (_, f, expected) => {
  expect(advisesAgainst(f)).toBe(expected)
})

test('worst first: what stops, what must be put right, what is open, advice, what holds; alike, as they were', () => {
  const order = [
    finding('fail', 'stop'),
    finding('fail', 'fix'),
    finding('undecided', 'stop'),
    finding('undecided', 'fix'),
    finding('fail', 'advise'),
    finding('undecided', 'advise'),
    finding('pass', 'stop'),
    finding('pass', 'fix'),
    finding('pass', 'advise'),
  ]
  const twice = [...order, ...order].toReversed()
  const ids = worstFirst(twice).map((f) => f.rule.id)
  expect(ids).toEqual(order.flatMap((f) => [f.rule.id, f.rule.id]))
  const [a, b] = [finding('fail', 'stop', { id: 'a' }), finding('fail', 'stop', { id: 'b' })]
  expect(worstFirst([b, a])).toEqual([b, a])
})

test.each([
  [{ margin: 2, limit: 20 }, 0.1],
  [{ margin: -1, limit: 10 }, -0.1],
  [{ margin: 2 }, Infinity],
  [{ margin: 2, limit: 0 }, Infinity],
  [{ limit: 20 }, Infinity],
])('%j leaves the share %s of the limit', (of, share) => {
  expect(relativeMargin({ kind: 'pass', says: { message: 'x', data: undefined }, ...of } as Outcome)).toBe(share)
})

test('the room of a glance is the least of all that could block', () => {
  const subject = fittedSubject(buildCase())!
  const outcomes = evaluate('mode', subject)
    .filter((f) => f.rule.severity !== 'advise')
    .map((f) => f.outcome)
  const rooms = outcomes.map(relativeMargin)
  expect(glance('mode', subject)).toEqual({
    decision: 'pass',
    room: Math.min(...rooms),
    roomToGrow: Math.min(...outcomes.map(roomToGrow)),
  })
  expect(Math.min(...rooms)).toBeLessThan(1)
})
