import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import ts from 'typescript'
import {
  checkOf,
  reasonOf,
  remedyOf,
  RULES,
  standsOnOf,
  titleOf,
  toFinding,
  type CheckId,
  type RuleTexts,
} from '../src/index.ts'
import { evaluate } from '../src/match/evaluate.ts'
import { fittedSubject } from '../src/match/subjects.ts'
import { EN } from '../src/rules/texts.en.ts'
import { CONFIGURATIONS } from './configurations.ts'

const RULES_DIR = join(__dirname, '../src/rules')

/**
 * Words that rules still take from the figures of `fit`, and names that are
 * compared, not read: each by the file it stands in.
 */
const ARGUED: Readonly<Record<string, readonly string[]>> = {}

/** Literals that somebody would read: they hold a space between words. Messages of thrown errors are for us. */
function sentencesIn(path: string): string[] {
  const source = ts.createSourceFile(path, readFileSync(path, 'utf8'), ts.ScriptTarget.Latest, true)
  const found: string[] = []
  const visit = (node: ts.Node): void => {
    if (ts.isThrowStatement(node) || ts.isImportDeclaration(node)) return
    // Names of limits in the rule book are keys of their own text.
    if (ts.isPropertyAssignment(node) && node.name.getText() === 'limits') return
    const text =
      ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)
        ? node.text
        : ts.isTemplateExpression(node)
          ? [node.head.text, ...node.templateSpans.map((s) => s.literal.text)].join('0')
          : ''
    if (/[a-z’,;:]+ [a-z“‘(]/i.test(text)) found.push(text)
    ts.forEachChild(node, visit)
  }
  visit(source)
  return found
}

describe('what rules say stands in their message files', () => {
  const files = readdirSync(RULES_DIR, { recursive: true, encoding: 'utf8' }).filter(
    (f) => f.endsWith('.ts') && !f.endsWith('.en.ts') && !f.endsWith('.test.ts'),
  )
  const CHECKS_DIR = join(__dirname, '../src/checks')
  test('a check holds no sentence', () => {
    const checks = readdirSync(CHECKS_DIR, { recursive: true, encoding: 'utf8' }).filter((f) => /^[\w/-]+\.ts$/.test(f))
    expect(checks.length).toBeGreaterThan(65)
    for (const file of checks) expect([file, sentencesIn(join(CHECKS_DIR, file))]).toEqual([file, []])
  })
  test.each(files.filter((f) => f !== 'markdown.ts'))('%s holds no sentence', (file) => {
    const argued = ARGUED[file] ?? []
    expect(sentencesIn(join(RULES_DIR, file)).filter((text) => !argued.includes(text))).toEqual([])
  })

  test('every rule has a title, what it stands on, and no message of a shared name', () => {
    const shared = Object.keys(EN.shared!.says)
    for (const rule of RULES) {
      expect([rule.id, titleOf(rule).length > 3, standsOnOf(rule).length > 20]).toEqual([rule.id, true, true])
      expect(Object.keys(EN[rule.id]!.says).filter((m) => shared.includes(m))).toEqual([])
    }
  })
})

const CORE_DIR = join(__dirname, '../src')
test('no other file of core holds a sentence', () => {
  const files = readdirSync(CORE_DIR, { recursive: true, encoding: 'utf8' }).filter(
    (f) => f.endsWith('.ts') && !f.endsWith('.en.ts') && !f.endsWith('.test.ts') && !f.startsWith('rules/'),
  )
  expect(files.length).toBeGreaterThan(150)
  expect(files.flatMap((f) => sentencesIn(join(CORE_DIR, f)).map((text) => `${f}: ${text}`))).toEqual([])
})

describe('what a shape asks of the text beside a rule', () => {
  const SHAPES = {
    rangeOutcome: 'range',
    measuredOutcome: 'measured',
    windowOutcome: 'measured',
    untilSeen: 'until-seen',
  }
  const used = RULES.flatMap(({ id, stage }) => {
    const source = readFileSync(join(RULES_DIR, stage, `${id}.ts`), 'utf8')
    const named = [...source.matchAll(/'([\w-]*not-known)'/g)].map((m) => m[1] as string)
    const facts = source.includes('factOutcome(') && named.length === 0 ? ['not-known'] : named
    const shapes = Object.entries(SHAPES).flatMap(([shape, message]) => (source.includes(`${shape}(`) ? [message] : []))
    return [...facts, ...shapes].map((message) => [id, message] as const)
  })
  test.each(used)('%s has its message "%s"', (id, message) => {
    expect(Object.keys(EN[id]!.says)).toContain(message)
  })
})

/** Another language: each text is its own address. */
const PSEUDO: RuleTexts = Object.fromEntries(
  Object.entries(EN).map(([rule, { says }]) => [
    rule,
    {
      title: `⟦${rule}⟧`,
      standsOn: `⟦${rule}⟧`,
      says: Object.fromEntries(
        Object.keys(says).map((m) => [m, { reason: () => `⟦${rule}/${m}⟧`, remedy: () => `⟦${rule}/${m}!⟧` }]),
      ),
    },
  ]),
)

describe.each(Object.keys(CONFIGURATIONS))('%s in another language', (name) => {
  const c = CONFIGURATIONS[name]!
  const subject = fittedSubject(c)!
  const raw = (['mode', 'route', 'place', 'fitted'] as const).flatMap((scope) => evaluate(scope, subject))

  test('no sentence of a rule is left in English', () => {
    expect(raw.length).toBeGreaterThan(20)
    for (const one of raw) {
      const { title, standsOn, reason, remedy } = toFinding(one, PSEUDO)
      for (const text of [title, standsOn, reason, ...(remedy === undefined ? [] : [remedy])])
        expect([one.rule.id, text]).toEqual([one.rule.id, expect.stringMatching(/^⟦[^⟧]+⟧$/)])
    }
  })
  test('what fills a message is plain data', () => {
    for (const { rule, outcome } of raw) {
      expect([rule.id, structuredClone(outcome.says)]).toEqual([rule.id, outcome.says])
      expect([rule.id, reasonOf(outcome).length > 3]).toEqual([rule.id, true])
      if (outcome.kind !== 'pass') expect([rule.id, remedyOf(outcome)]).toEqual([rule.id, expect.stringMatching(/\w/)])
    }
  })
  test('an undecided rule names what would settle it', () => {
    for (const { rule, outcome } of raw)
      if (outcome.kind === 'undecided') expect([rule.id, outcome.missing?.length]).not.toEqual([rule.id, undefined])
  })
  test('whatever is found at a check, the rule says what to do', () => {
    const { readings } = c
    for (const id of Object.keys(readings) as CheckId[]) {
      const check = checkOf(id)
      if (check.kind !== 'options') continue
      for (const { id: option } of check.options) {
        const spoiled = fittedSubject({ ...c, readings: { ...readings, [id]: { option, at: readings[id]!.at } } })!
        for (const { rule, outcome } of evaluate('fitted', spoiled))
          if (outcome.kind !== 'pass')
            expect([rule.id, id, option, remedyOf(outcome)]).toEqual([rule.id, id, option, expect.stringMatching(/\w/)])
      }
    }
  })
})
