// Generated files: the rule index, docs/rules.md and the JSON Schemas. `--check` proves them fresh.
import { execFileSync } from 'node:child_process'
import { createRequire } from 'node:module'
import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { exampleCase } from './lib/example.mjs'
import { isBuilt } from './build.mjs'
import { checkBookText, checkIdsText, checkTextsText } from './check-index.mjs'
import { COMPILER, ROOT, run, say, stop } from './lib/run.mjs'
import { ruleIndexText, ruleTextsText } from './rule-index.mjs'

/** Who may what, from the table that the server holds every route to. */
function accessMarkdown() {
  const { ACCESS } = createRequire(import.meta.url)(`${ROOT}/server/dist/people/access.js`)
  const roles = ['lead', 'fitter', 'trainee', 'reader']
  const rows = Object.entries(ACCESS).map(([route, { who, again, audit, needsPerson }]) => {
    const marks = roles.map((role) => (who === 'open' || who.includes(role) ? '●' : ''))
    const notes = [
      who === 'open' && 'also who is not signed in',
      again && 'asks for the password or passkey again',
      needsPerson && 'only once people sign in',
      audit && `recorded: “${audit}”`,
    ]
    return `| \`${route}\` | ${marks.join(' | ')} | ${notes.filter(Boolean).join('; ')} |`
  })
  return [
    '# Who may what',
    'Made from `server/src/people/access.ts`, the one table that the server holds every route to; a route that is not in it is answered to nobody. `server/test/people.test.ts` tries every route with every role, and holds the table against the routes that there are. Until the first person is made everybody at the machine itself may do all of it.',
    `| route | ${roles.join(' | ')} | |`,
    '| --- | --- | --- | --- | --- | --- |',
    ...rows,
    '',
  ]
    .join('\n')
    .replace('all of it.\n|', 'all of it.\n\n|')
    .replace('what\n', 'what\n\n')
}

/** A page a rule; that of a rule which is gone goes too. */
async function putRulePages(rules, pageOf) {
  const { format, resolveConfig } = await import('prettier')
  const options = { ...(await resolveConfig(`${ROOT}/docs/rules.md`)), parser: 'markdown' }
  mkdirSync(`${ROOT}/docs/rules`, { recursive: true })
  for (const rule of rules) {
    const stem = `core/src/rules/${rule.stage}/${rule.id}`
    const test = existsSync(`${ROOT}/${stem}.test.ts`) ? `${stem}.test.ts` : undefined
    const page = pageOf(rule, { rule: `${stem}.ts`, words: `${stem}.en.ts`, test })
    put(`docs/rules/${rule.id}.md`, await format(page, options))
  }
  const known = new Set(rules.map((r) => `${r.id}.md`))
  for (const file of readdirSync(`${ROOT}/docs/rules`)) {
    if (known.has(file)) continue
    if (isCheck) stale.push(`docs/rules/${file}`)
    else rmSync(`${ROOT}/docs/rules/${file}`)
  }
}

const isCheck = process.argv.includes('--check')
const stale = []

function put(path, text) {
  const file = `${ROOT}/${path}`
  if (existsSync(file) && readFileSync(file, 'utf8') === text) return
  if (isCheck) return stale.push(path)
  writeFileSync(file, text)
  say(`Wrote ${path}`)
}

put('core/src/checks/ids.ts', checkIdsText())
put('core/src/checks/book.ts', checkBookText())
put('core/src/checks/texts.en.ts', checkTextsText('en'))
put('core/src/rules/book.ts', ruleIndexText())
put('core/src/rules/texts.en.ts', ruleTextsText('en'))
if (!isCheck || stale.length === 0) {
  // Where it is built, somebody may be reading it: it is left as it is.
  if (!isBuilt() && run(process.execPath, [COMPILER, '-p', 'core/tsconfig.build.json']) !== 0)
    stop('The core does not build.')
  const core = await import(`${ROOT}/core/dist/index.js`)
  const { jsonSchemas, ruleBookMarkdown, rulePageMarkdown, RULES } = core
  const pretty = (text, parser) =>
    execFileSync(`${ROOT}/node_modules/.bin/prettier`, ['--parser', parser], {
      input: text,
      cwd: ROOT,
      encoding: 'utf8',
    })
  mkdirSync(`${ROOT}/docs/formats`, { recursive: true })
  put('docs/formats/example.case.json', pretty(JSON.stringify(exampleCase(core)), 'json'))
  const examples = JSON.parse(readFileSync(`${ROOT}/docs/rule-examples.json`, 'utf8'))
  put('docs/rules.md', pretty(ruleBookMarkdown(examples), 'markdown'))
  await putRulePages(RULES, (rule, places) => rulePageMarkdown(rule, examples[rule.id], places))
  put('docs/access.md', pretty(accessMarkdown(), 'markdown'))
  for (const [name, schema] of Object.entries(jsonSchemas()))
    put(`docs/formats/${name}`, pretty(JSON.stringify(schema), 'json'))
}
if (stale.length > 0) stop(`Not fresh: ${stale.join(', ')}. Run "npm run docs" and commit.`)
