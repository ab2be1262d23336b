import { existsSync, readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { fittedSubject, judge, RULES, type AnyRule } from '../src/index.ts'
import { FITTINGS } from './rule-examples.ts'

/** The fittings, one a line; then a line a rule with one letter for each of them. */
const FILE = join(__dirname, 'rule-kinds.txt')
const LETTER = { pass: 'p', fail: 'f', undecided: 'u', 'not-applicable': '.' } as const
const WORD = Object.fromEntries(Object.entries(LETTER).map(([word, letter]) => [letter, word]))

const names = [...FITTINGS.keys()]
const subjects = names.map((name) => fittedSubject(FITTINGS.get(name)!)!)
const kindsOf = (rule: AnyRule): string => subjects.map((s) => LETTER[judge(rule, s).kind]).join('')

if (process.env.EXAMPLES === 'find')
  writeFileSync(FILE, `${names.join('\n')}\n\n${RULES.map((r) => `${kindsOf(r)} ${r.id}\n`).join('')}`)
const [head = '', rows = ''] = existsSync(FILE) ? readFileSync(FILE, 'utf8').split('\n\n') : []
const fittings = head.split('\n')
const known = new Map(rows.split('\n').map((row) => [row.slice(fittings.length + 1), row.slice(0, fittings.length)]))
const told = (letters = ''): object =>
  Object.fromEntries(fittings.map((name, i) => [name, WORD[letters[i] ?? '']] as const))

/*
 * Where a rule has something to say, and of what kind, over every fitting that there is: a rule that is asked where it has
 * no business, or no longer where it has, shows here. `npm run examples` writes the file anew; what changes is read in review.
 */
test.each(RULES)('$id has something to say where it had, and of that kind', (rule) => {
  expect(told(kindsOf(rule))).toEqual(told(known.get(rule.id)))
})
test('of every fitting that there is, and of no rule that is gone', () => {
  expect(fittings).toEqual(names)
  expect([...known.keys()].filter((id) => id !== '')).toEqual(RULES.map((r) => r.id))
})
