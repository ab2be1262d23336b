import { existsSync, readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { fittedSubject, judge, RULES, type AnyRule, type Case } from '../src/index.ts'
import { changed, FITTINGS, type RuleExamples } from './rule-examples.ts'

const EXAMPLES = JSON.parse(readFileSync(join(__dirname, '../../docs/rule-examples.json'), 'utf8')) as RuleExamples
/** A line a rule and state, so that a change is read line by line. */
const FILE = join(__dirname, 'whole-outcomes.jsonl')
interface Line {
  readonly rule: string
  readonly when: string
  readonly says: unknown
}

/** The fitting as it is before anybody measured the child, set anything or looked. */
const unread = (c: Case): Case => ({
  ...c,
  child: { id: c.child.id, name: c.child.name },
  settings: {},
  readings: {},
  disturbances: {},
})

/** Everything that a rule says of a fitting, as it is stored and sent: what is left out of it is left out here too. */
const outcomeIn = (rule: AnyRule, c: Case): unknown => {
  const subject = fittedSubject(c)
  return subject === undefined ? 'nothing chosen' : JSON.parse(JSON.stringify(judge(rule, subject)))
}

function outcomesOf(rule: AnyRule) {
  const { of, given = [], change } = EXAMPLES[rule.id]!
  const fitting = FITTINGS.get(of)!
  return {
    good: outcomeIn(rule, changed(fitting, given)),
    wrong: outcomeIn(rule, changed(fitting, change)),
    unread: outcomeIn(rule, unread(changed(fitting, given))),
  }
}

if (process.env.EXAMPLES === 'find')
  writeFileSync(
    FILE,
    RULES.flatMap((r) =>
      Object.entries(outcomesOf(r)).map(([when, says]) => `${JSON.stringify({ rule: r.id, when, says })}\n`),
    ).join(''),
  )
const lines = existsSync(FILE) ? readFileSync(FILE, 'utf8').trim().split('\n') : []
const known = lines.map((line) => JSON.parse(line) as Line)

/*
 * A kind alone hides a margin with the wrong sign, a limit of another school, a fact asked for that nobody can give. Here
 * every rule says the whole of it: kind, measure, limit, margin, unit, what is missing, who decides, and its words as
 * data. `npm run examples` writes the file anew; what changes in it is read in review.
 */
test.each(RULES)(
  '$id says the whole of what it says, where all is good, where it is wrong and where nothing is known',
  (rule) =>
    expect(outcomesOf(rule)).toEqual(
      Object.fromEntries(known.filter((l) => l.rule === rule.id).map(({ when, says }) => [when, says])),
    ),
)

test('no outcome is kept of a rule that is gone', () => {
  expect([...new Set(known.map((l) => l.rule))].toSorted()).toEqual(RULES.map((r) => r.id).toSorted())
})

test('where nothing is known no rule passes that judges the child or a look', () => {
  const passing = RULES.filter((rule) => (outcomesOf(rule).unread as { kind?: string }).kind === 'pass')
  const judgesWhatIsUnread = passing.filter((rule) => {
    const { good } = outcomesOf(rule) as { good: { readonly measured?: unknown } }
    return rule.scope === 'fitted' && good.measured !== undefined
  })
  expect(judgesWhatIsUnread.map((r) => r.id)).toEqual([])
})
