// `npm run mutants [FOLDER …]`: small faults put into core one by one, and whether a test notices. A folder is tried
// with the tests that stand nearest to it; what was tried before and has not changed is not tried again. Not part of
// `npm test`: a whole run takes hours. With `--survivors` only what the last run of the folder left standing is tried, with
// `--only FILES` (a glob) only those files; either is put into what the last run found.
// What may stay unnoticed is explained in `core/mutants`; what is not, is named here.
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import { parseArgs } from 'node:util'
import { ensureInstalled } from './lib/ensure.mjs'
import { writeSuite } from './lib/joined.mjs'
import { compare, explainedOf, written } from './lib/mutants-explained.mjs'
import { ROOT, say } from './lib/run.mjs'

ensureInstalled()

/** What asks of every rule, quickly: run beside the tests of each folder that decides. */
const EVERYWHERE = [
  'test/rule-examples.test.ts',
  'test/rule-kinds.test.ts',
  'test/rule-limits.test.ts',
  'test/whole-outcomes.test.ts',
]
/** Tests, words, doors, what is generated; and the rule book's text, which `npm run docs -- --check` holds byte for byte. */
const LEFT_OUT = ['**/*.test.ts', '**/*.en.ts', '**/index.ts', 'rules/book.ts', 'rules/markdown.ts']
const STAGES = ['choose', 'place', 'set-up', 'attach', 'child-in']
/** `alone`: where all of that would only cost time, since it asks nothing that the folder's own tests do not. */
const FOLDERS = {
  law: { tests: ['src/law/*.test.ts', 'src/rules/choose/local-end.test.ts', 'src/quantities/*.test.ts'] },
  fit: { tests: ['src/fit/*.test.ts'] },
  readings: { tests: ['src/readings/*.test.ts'] },
  match: { tests: ['src/match/*.test.ts'] },
  verdict: { alone: true, tests: ['src/verdict/*.test.ts'] },
  casefile: { alone: true, tests: ['src/casefile/*.test.ts', 'src/readings/*.test.ts', 'src/ride/*.test.ts'] },
  procedure: { alone: true, tests: ['src/procedure/*.test.ts', 'test/walks.test.ts'] },
  'rules/choose': { tests: ['src/rules/choose/*.test.ts', 'src/rules/bounds.test.ts'] },
  'rules/place': { tests: ['src/rules/place/*.test.ts', 'src/rules/stated.test.ts'] },
  'rules/set-up': { tests: ['src/rules/set-up/*.test.ts', 'src/rules/predictions.test.ts'] },
  'rules/attach': { tests: ['src/rules/attach/*.test.ts', 'src/rules/rules.test.ts'] },
  'rules/child-in': { tests: ['src/rules/child-in/*.test.ts', 'src/rules/rules.test.ts'] },
  // What stands between the rules is used by all of them: their own tests notice first.
  'rules/*': { alone: true, tests: ['src/rules/*.test.ts', ...STAGES.map((stage) => `src/rules/${stage}/*.test.ts`)] },
}

const { values, positionals } = parseArgs({
  allowPositionals: true,
  options: {
    force: { type: 'boolean', default: false },
    only: { type: 'string' },
    survivors: { type: 'boolean', default: false },
    jobs: { type: 'string', default: '2' },
  },
})
const asked = positionals.length > 0 ? positionals : Object.keys(FOLDERS)
const unknown = asked.filter((f) => !(f in FOLDERS))
if (unknown.length > 0) {
  console.error(`There is no folder ${unknown.join(', ')} here. Known: ${Object.keys(FOLDERS).join(', ')}`)
  process.exit(2)
}
const out = `${ROOT}/test-results/mutants`
mkdirSync(out, { recursive: true })
const { Stryker } = await import('@stryker-mutator/core')

/** How a mutant ended that no test noticed. */
const LEFT = ['Survived', 'NoCoverage']
const rows = []
for (const folder of asked) {
  const { tests, alone = false } = FOLDERS[folder]
  const name = folder.replaceAll('/', '-').replace('*', 'own')
  const stage = /^rules\/([a-z-]+)$/.exec(folder)?.[1]
  const suite = writeSuite(name, [...tests, ...(alone ? [] : EVERYWHERE)], stage)
  const bundle = suite.replace('.js', '.bundle.js')
  process.env.MUTANTS_SUITE = bundle
  process.env.MUTANTS_LEFT = `${out}/${name}.left.txt`
  const glob = folder === 'rules/*' ? 'core/src/rules/*.ts' : `core/src/${folder}/**/*.ts`
  const file = { whole: `${out}/${name}.json`, again: `${out}/${name}.again.json` }
  const before = values.survivors ? lastOf(folder, file.whole) : undefined
  const isPart = values.survivors || values.only !== undefined
  if (before && leftStanding(before).length === 0) {
    say(`${folder}: nothing was left standing in what has not changed since`)
    continue
  }
  const results = await new Stryker({
    mutate: values.only
      ? [values.only]
      : values.survivors
        ? leftStanding(before).map(rangeOf)
        : [glob, ...LEFT_OUT.map((file) => `!core/src/${file}`)],
    buildCommand: `node scripts/lib/bundle-suite.mjs core/${suite} core/${bundle}`,
    testRunner: 'jest',
    jest: { projectType: 'custom', configFile: 'core/jest.mutants.config.mjs', enableFindRelatedTests: false },
    checkers: ['own-file'],
    appendPlugins: [`${ROOT}/scripts/lib/mutants-types.mjs`, `${ROOT}/scripts/lib/mutants-reporter.mjs`],
    coverageAnalysis: 'perTest',
    ignoreStatic: false,
    concurrency: Number(values.jobs),
    incremental: !isPart,
    incrementalFile: `${out}/${name}.incremental.json`,
    force: values.force,
    timeoutMS: 4000,
    timeoutFactor: 2,
    ignorePatterns: ['web', 'server', 'e2e', 'data', 'test-results', 'docs/screenshots', '.git', 'core/dist'],
    tempDirName: `${out}/.sandbox-${name}`,
    reporters: ['json', 'progress-append-only', 'as-they-come'],
    jsonReporter: { fileName: isPart ? file.again : file.whole },
    thresholds: { high: 95, low: 85, break: null },
    allowConsoleColors: false,
  }).runMutationTest()
  if (before) merge(before, results)
  const found = before ?? (isPart ? withFiles(read(file.again), file.whole) : read(file.whole))
  const all = mutantsOf(found).map(({ mutant }) => mutant)
  const count = (...states) => all.filter((r) => states.includes(r.status)).length
  const killed = count('Killed', 'Timeout')
  const seen = killed + count(...LEFT)
  const score = seen === 0 ? 100 : (100 * killed) / seen
  rows.push(`${folder}: ${score.toFixed(1)} % (${killed} of ${seen}; ${count('CompileError')} do not compile)`)
  say(rows.at(-1))
  if (isPart) writeFileSync(file.whole, JSON.stringify(found))
  sayWhatIsUnexplained(name)
}
writeFileSync(`${out}/last.txt`, `${rows.join('\n')}\n`)

/** What stands and is not explained, and what is explained and does not stand. */
function sayWhatIsUnexplained(name) {
  const report = read(`${out}/${name}.json`)
  const left = mutantsOf(report)
    .filter(({ mutant }) => LEFT.includes(mutant.status))
    .map(({ file, mutant }) => ({
      file: file.replace('core/src/', ''),
      fault: written(report.files[file].source, mutant),
    }))
  const { unexplained, gone } = compare(explainedOf(name), left)
  say(`${left.length} left standing, ${unexplained.length} of them not explained in core/mutants/${name}.txt`)
  for (const { file, fault } of unexplained) console.log(`  ${file}  ${fault}`)
  if (values.only === undefined)
    for (const { file, fault } of gone) console.log(`  explained, and noticed now: ${file}  ${fault}`)
}
/** What the last run of a folder found. */
function lastOf(folder, file) {
  if (existsSync(file)) return read(file)
  console.error(`${folder} has not been run yet: without --survivors first.`)
  process.exit(2)
}
/** What the last run found, with the files of this one as they are now; this one alone where there was none. */
function withFiles(now, file) {
  return existsSync(file) ? { ...now, files: { ...read(file).files, ...now.files } } : now
}
function read(file) {
  return JSON.parse(readFileSync(file, 'utf8'))
}
/** Every mutant of a report, with its file. */
function mutantsOf(report) {
  return Object.entries(report.files).flatMap(([file, { mutants }]) => mutants.map((mutant) => ({ file, mutant })))
}
/**
 * What no test noticed, and what only the time ended, which a busy machine does too; of files that are as they were then:
 * in another text it stands elsewhere.
 */
function leftStanding(report) {
  const isAsThen = (file) => readFileSync(`${ROOT}/${file}`, 'utf8') === report.files[file].source
  return mutantsOf(report).filter(({ file, mutant }) => [...LEFT, 'Timeout'].includes(mutant.status) && isAsThen(file))
}
/** As Stryker is told where to mutate: lines from 1, columns from 0. A report counts both from 1. */
function rangeOf({ file, mutant: { location } }) {
  const at = ({ line, column }) => `${line}:${column - 1}`
  return `${file}:${at(location.start)}-${at(location.end)}`
}
/** What was tried again says how it went now. */
function merge(report, results) {
  for (const { file, mutant } of leftStanding(report)) {
    const now = results.find(
      (r) =>
        r.fileName.endsWith(file) &&
        r.replacement === mutant.replacement &&
        r.location.start.line === mutant.location.start.line &&
        r.location.start.column === mutant.location.start.column &&
        r.location.end.line === mutant.location.end.line &&
        r.location.end.column === mutant.location.end.column,
    )
    if (now) mutant.status = now.status
  }
}
