// `npm run new rule NAME [STAGE]`: a rule's four places at once: the rule, its words, its test, and the book.
// `npm run new check NAME [STAGE]`: a check's places likewise, and a rule of its name that asks for it.
// What it writes decides already, so that it can be changed line by line and never passes unseen:
// `npm test` refuses a text that still says TO WRITE.
import { existsSync, writeFileSync } from 'node:fs'
import { execFileSync } from 'node:child_process'
import { resolve } from 'node:path'
import { ROOT, say, stop } from './lib/run.mjs'
import { CHECK_STAGES, checkBookText, checkIdsText, checkTextsText } from './check-index.mjs'
import { ruleIndexText, ruleTextsText } from './rule-index.mjs'

const STAGES = ['choose', 'place', 'set-up', 'attach', 'child-in']
const SCOPE = { choose: 'mode', place: 'place', 'set-up': 'fitted', attach: 'fitted', 'child-in': 'fitted' }

/** The files of a new rule, by path inside `core/src/rules`. */
export function ruleFiles(id, stage) {
  return {
    [`${stage}/${id}.ts`]: `import { rangeOutcome } from '../ranges.ts'
import { defineRule, rangeBounds } from '../rule.ts'

const MOST_KG = 18

export default defineRule({
  id: '${id}',
  scope: '${SCOPE[stage]}',
  stage: '${stage}',
  severity: 'stop',
  source: 'maker',
  limits: { 'mass, to': { value: MOST_KG, unit: 'kg' } },
  // What the thing is, never whether a figure is there: a missing figure is undecided below.
  applies: () => true,
  bounds: () => rangeBounds('massKg', undefined, MOST_KG),
  evaluate: ({ massKg }) => rangeOutcome({ unit: 'kg', measured: massKg, to: MOST_KG, need: 'child.massKg' }),
})
`,
    [`${stage}/${id}.en.ts`]: `import { rangeSentence } from '../ranges.en.ts'
import { ruleText } from '../say.ts'

export default ruleText({
  title: 'TO WRITE: what must hold, in three words',
  standsOn: 'TO WRITE: law, maker, handbook or practice, with the limit, in our own words.',
  says: {
    range: rangeSentence({
      what: 'Mass',
      stated: 'TO WRITE: who states the limit',
      above: 'TO WRITE: what to do about it.',
    }),
  },
})
`,
    [`${stage}/${id}.test.ts`]: `import { buildCase, kindOf } from '../../../test/build.ts'
import { measured } from '../../index.ts'

test.each([
  [17.9, 'pass'],
  [18, 'pass'],
  [18.1, 'fail'],
  [undefined, 'undecided'],
])('TO WRITE: %s kg gives %s', (kg, kind) => {
  const massKg = kg === undefined ? undefined : measured(kg)
  expect(kindOf('${id}', buildCase({ child: { massKg } }))).toBe(kind)
})
`,
  }
}

/** Writes a rule into \`rules\` (the folder of the rules) and brings it into the book. */
export function newRule(id, stage, rules) {
  if (!/^[A-Za-z][A-Za-z0-9]*(-[A-Za-z0-9]+)+$/.test(id))
    throw new Error(`A rule's name is two words or more with hyphens between, like "belt-twist"; got "${id}".`)
  if (!STAGES.includes(stage)) throw new Error(`A rule stands in one of ${STAGES.join(', ')}; got "${stage}".`)
  const taken = STAGES.find((s) => existsSync(`${rules}/${s}/${id}.ts`))
  if (taken !== undefined) throw new Error(`There is a rule "${id}" already, in ${taken}.`)
  const files = ruleFiles(id, stage)
  for (const [path, text] of Object.entries(files)) writeFileSync(`${rules}/${path}`, text)
  writeFileSync(`${rules}/book.ts`, ruleIndexText(`${rules}/`))
  writeFileSync(`${rules}/texts.en.ts`, ruleTextsText('en', `${rules}/`))
  return Object.keys(files)
}

/** The files of a new check and of the rule that asks for it, by path inside `core/src`. */
export function checkFiles(id, stage) {
  return {
    [`checks/${stage}/${id}.ts`]: `import { defineCheck } from '../check.ts'

export default defineCheck({
  id: '${id}',
  stage: '${stage}',
  kind: 'options',
  options: { good: 'pass', bad: 'fail', unsure: 'undecided' },
  // What it looks at: a change of that un-passes it.
  of: ['${stage === 'attach' ? 'attachment' : 'harness'}'],
  // What putting it right does over.
  puttingRight: [],
})
`,
    [`checks/${stage}/${id}.en.ts`]: `import { checkText } from '../text.ts'
import type check from './${id}.ts'

export default checkText<typeof check>({
  label: 'TO WRITE: what is asked',
  how: 'TO WRITE: how to look, feel or measure.',
  options: { good: 'TO WRITE: good', bad: 'TO WRITE: bad', unsure: 'cannot tell' },
  remedy: 'TO WRITE: what to do when it is not good.',
})
`,
    [`rules/${stage}/${id}.ts`]: `import { observedRule } from '../observed.ts'

export default observedRule({
  id: '${id}',
  stage: '${stage}',
  source: 'maker',
  checks: ['${id}'],
  // What the thing is, never whether a figure is there.
  applies: () => true,
})
`,
    [`rules/${stage}/${id}.en.ts`]: `import { ruleText } from '../say.ts'

export default ruleText({
  title: 'TO WRITE: what must hold, in three words',
  standsOn: 'TO WRITE: law, maker, handbook or practice, in our own words.',
  says: {},
})
`,
    [`rules/${stage}/${id}.test.ts`]: `import { buildCase, kindOf } from '../../../test/build.ts'

test.each([
  ['good', 'pass'],
  ['bad', 'fail'],
  ['unsure', 'undecided'],
])('TO WRITE: seen %s gives %s', (option, kind) => {
  expect(kindOf('${id}', buildCase({ readings: { '${id}': { option, at: 1 } } }))).toBe(kind)
})
test('TO WRITE: not looked at, it is undecided', () => {
  expect(kindOf('${id}', buildCase())).toBe('undecided')
})
`,
  }
}

/** Writes a check, and the rule that asks for it, into \`src\` (the core's source) and brings both into their books. */
export function newCheck(id, stage, src) {
  if (!/^[a-z][a-z0-9]*(-[a-z0-9]+)+$/.test(id))
    throw new Error(`A check's name is two words or more with hyphens between, like "belt-twist"; got "${id}".`)
  if (!CHECK_STAGES.includes(stage))
    throw new Error(`A check is made in one of ${CHECK_STAGES.join(', ')}; got "${stage}".`)
  const taken = [...CHECK_STAGES.map((s) => `checks/${s}/${id}.ts`), ...STAGES.map((s) => `rules/${s}/${id}.ts`)].find(
    (path) => existsSync(`${src}/${path}`),
  )
  if (taken !== undefined) throw new Error(`The name "${id}" is taken, by ${taken}.`)
  const files = checkFiles(id, stage)
  for (const [path, text] of Object.entries(files)) writeFileSync(`${src}/${path}`, text)
  writeFileSync(`${src}/checks/ids.ts`, checkIdsText(`${src}/checks/`))
  writeFileSync(`${src}/checks/book.ts`, checkBookText(`${src}/checks/`))
  writeFileSync(`${src}/checks/texts.en.ts`, checkTextsText('en', `${src}/checks/`))
  writeFileSync(`${src}/rules/book.ts`, ruleIndexText(`${src}/rules/`))
  writeFileSync(`${src}/rules/texts.en.ts`, ruleTextsText('en', `${src}/rules/`))
  return Object.keys(files)
}

if (process.argv[1] !== undefined && resolve(process.argv[1]) === resolve(ROOT, 'scripts/new.mjs')) {
  const [what, id = '', stage] = process.argv.slice(2)
  if (what !== 'rule' && what !== 'check')
    stop(
      'What is new? npm run new rule NAME [choose|place|set-up|attach|child-in], or npm run new check NAME [attach|child-in]',
      2,
    )
  try {
    const written =
      what === 'rule'
        ? newRule(id, stage ?? 'choose', `${ROOT}/core/src/rules`).map((path) => `rules/${path}`)
        : newCheck(id, stage ?? 'attach', `${ROOT}/core/src`)
    for (const path of written) say(`Wrote core/src/${path}`)
    if (what === 'check') say('Name the check in the step where hands make it, core/src/procedure')
    execFileSync(process.execPath, ['scripts/docs.mjs'], { cwd: ROOT, stdio: 'inherit' })
    say('Replace each TO WRITE; then npm run check')
  } catch (error) {
    stop(error.message, 2)
  }
}
