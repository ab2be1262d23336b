// `npm run new rule NAME [STAGE]`: a rule's four places at once: the rule, its words, its test, and the book.
// What it writes decides already (a greatest mass), so that it can be changed line by line and never passes unseen:
// `npm test` refuses a text that still says TO WRITE.
import { existsSync, writeFileSync } from 'node:fs'
import { execFileSync } from 'node:child_process'
import { resolve } from 'node:path'
import { ROOT, say, stop } from './lib/run.mjs'
import { ruleIndexText, ruleTextsText } from './rule-index.mjs'

const STAGES = ['choose', 'place', 'set-up', 'attach', 'child-in']
const SCOPE = { choose: 'mode', place: 'place', 'set-up': 'fitted', attach: 'fitted', 'child-in': 'fitted' }

/** The files of a new rule, by path inside `core/src/rules`. */
export function ruleFiles(id, stage) {
  return {
    [`${stage}/${id}.ts`]: `import { rangeOutcome } from '../outcomes.ts'
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
    [`${stage}/${id}.en.ts`]: `import { rangeSentence } from '../outcomes.en.ts'
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

if (process.argv[1] !== undefined && resolve(process.argv[1]) === resolve(ROOT, 'scripts/new.mjs')) {
  const [what, id = '', stage = 'choose'] = process.argv.slice(2)
  if (what !== 'rule') stop('What is new? npm run new rule NAME [choose|place|set-up|attach|child-in]', 2)
  try {
    for (const path of newRule(id, stage, `${ROOT}/core/src/rules`)) say(`Wrote core/src/rules/${path}`)
    execFileSync(process.execPath, ['scripts/docs.mjs'], { cwd: ROOT, stdio: 'inherit' })
    say('Replace each TO WRITE; then npm run check')
  } catch (error) {
    stop(error.message, 2)
  }
}
