import { existsSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { caseSchema, fittedSubject, judge, RULES } from '../src/index.ts'
import { changed, findExamples, FITTINGS, saidOf, type RuleExamples } from './rule-examples.ts'

const FILE = join(__dirname, '../../docs/rule-examples.json')
const readFile = (): RuleExamples => (existsSync(FILE) ? (JSON.parse(readFileSync(FILE, 'utf8')) as RuleExamples) : {})
let known: RuleExamples | undefined
const read = (): RuleExamples => (known ??= readFile())

const NEVER_FAIL = [
  'catalogue-sound',
  'isofix-rotation',
  'journey-breaks',
  'mode-stated',
  'route-stated',
  'place-stated',
  'place-tether-length',
  'seen-as-worked-out-attach',
  'coat',
  'same-child',
  'seen-as-worked-out-child',
]

if (process.env.EXAMPLES === 'find') {
  test('an example was found for every rule', () => {
    const found = findExamples(FILE, read())
    known = undefined
    expect(found).toEqual([])
  })
}

test('every rule has an example', () => {
  expect(RULES.map((r) => r.id).filter((id) => read()[id] === undefined)).toEqual([])
  expect(Object.keys(read()).filter((id) => !RULES.some((r) => r.id === id))).toEqual([])
})

test.each(RULES)('$id passes where the book says so, and does not where it says so, in these words', (rule) => {
  const example = read()[rule.id]!
  const { of, given = [], change, from, to, passes, fails } = example
  for (const changes of [given, change])
    expect(caseSchema.safeParse(changed(FITTINGS.get(of)!, changes)).success).toBe(true)
  expect(saidOf(rule, example)).toEqual({ good: { kind: from, words: passes }, bad: { kind: to, words: fails } })
})

test('a refusal by a figure says the figure', () => {
  const silent = RULES.filter((rule) => {
    const example = read()[rule.id]
    if (example?.to !== 'fail' || /\d/.test(example.fails)) return false
    const outcome = judge(rule, fittedSubject(changed(FITTINGS.get(example.of)!, [...(example.given ?? []), ...example.change]))!) // prettier-ignore
    return rule.limits !== undefined || (outcome.kind === 'fail' && (outcome.margin ?? outcome.limit) !== undefined)
  })
  expect(silent.map((r) => r.id)).toEqual([])
})

test('what can be no more than open: an entry to be read, a doubt of two figures, a thing to do', () => {
  expect(Object.keys(read()).filter((id) => read()[id]!.to === 'undecided')).toEqual(NEVER_FAIL)
})
