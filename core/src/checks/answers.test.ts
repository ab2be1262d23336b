import { Sequence } from '../ground/index.ts'
import { buildCase, FORWARD, judged, TETHER_ROUTE } from '../../test/build.ts'
import { answerLabel, answerOf, answersOf, CHECK_IDS, checkOf, measured, type Case, type CheckId } from '../index.ts'

const withAnswers = CHECK_IDS.filter((id) => answersOf(id).length > 0)

test('two checks are answered without a scale', () => {
  expect(withAnswers).toEqual(expect.arrayContaining(['tether-indicator-mm', 'slack-mm']))
  expect(withAnswers).toHaveLength(2)
  expect([answersOf('tug-left'), answersOf('steadiness-mm')]).toEqual([[], []])
})

test.each(withAnswers)('every figure of %s is of one answer, each has words, and is told by its figures', (id) => {
  const check = checkOf(id)
  if (check.kind !== 'number') throw new Error(`${id} is not a number`)
  const answers = answersOf(id)
  expect([answers[0]?.from, answers.at(-1)?.to]).toEqual([check.min, check.max])
  for (const [i, a] of answers.entries()) {
    expect(a.from).toBeLessThanOrEqual(a.to)
    if (i > 0) expect(a.from).toBe((answers[i - 1]?.to ?? 0) + 1)
    expect(answerLabel(id, a.id)).not.toBe(a.id)
    expect(answerOf(id, { from: a.from, to: a.to })).toBe(a.id)
    expect(answerOf(id, { from: a.from, to: a.to + 1 })).toBeUndefined()
  }
  // A figure that was read off is none, even in the middle of one.
  expect(answerOf(id, measured(9, 2))).toBeUndefined()
  expect(answerOf(id, undefined)).toBeUndefined()
})
test('words that no check has are shown as they are', () => {
  expect([answerLabel('tug-left', 'x'), answerLabel('slack-mm', 'x')]).toEqual(['x', 'x'])
})

const tethered = (goodMm?: object): Case =>
  buildCase({ mode: FORWARD, route: { ...TETHER_ROUTE, topTether: { use: 'required', ...(goodMm && { goodMm }) } } })
const harnessed = (slack: 'one-finger' | 'two-fingers', slackMm?: object): Case =>
  buildCase({ practice: { slack }, mode: { ...(slackMm && { slackMm }) } as never })

/** What a rule makes of each answer: what the answer leaves open is measured, and never passed. */
test.each<[string, string, CheckId, Case, Readonly<Record<string, string>>]>([
  ['a tether by a finger', 'tether-tension', 'tether-indicator-mm', tethered(), { slack: 'fail', 'under-finger': 'fail', finger: 'pass' }],
  ['a tether by the maker’s window', 'tether-tension', 'tether-indicator-mm', tethered({ fromMm: 10, toMm: 20 }), { slack: 'fail', 'under-finger': 'undecided', finger: 'undecided' }],
  ['a tether of which the maker says what is too much', 'tether-tension', 'tether-indicator-mm', tethered({ toMm: 12 }), { slack: 'fail', 'under-finger': 'undecided', finger: 'fail' }],
  ['a harness by one finger', 'harness-slack', 'slack-mm', harnessed('one-finger'), { 'one-finger': 'pass', 'two-fingers': 'fail', more: 'fail' }],
  ['a harness by two fingers', 'harness-slack', 'slack-mm', harnessed('two-fingers'), { 'one-finger': 'pass', 'two-fingers': 'pass', more: 'fail' }],
  ['a harness by the maker’s window', 'harness-slack', 'slack-mm', harnessed('one-finger', { fromMm: 5, toMm: 12 }), { 'one-finger': 'undecided', 'two-fingers': 'fail', more: 'fail' }],
])('%s', (_, rule, check, on, gives) => {
  const said = answersOf(check).map(({ id, from, to }) => {
    const reading = { number: { from, to, source: 'estimated' as const }, at: Sequence(9) }
    return [id, judged(rule, { ...on, readings: { ...on.readings, [check]: reading } }).kind]
  })
  expect(Object.fromEntries(said)).toEqual(gives)
}) // prettier-ignore
