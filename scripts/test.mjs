// `npm test`: everything CI runs. Installs what is missing and builds, then format and lint, types, import rules,
// freshness of generated files, unit tests, browser tests; closes with "N passed, N failed".
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { availableParallelism } from 'node:os'
import { relative } from 'node:path'
import { ensureBuilt } from './build.mjs'
import { CACHE, DURATIONS, FORMAT, FRESH, IMPORTS, LINT, runChecks, types, UNUSED } from './lib/checks.mjs'
import { ensureChromium, ensureInstalled } from './lib/ensure.mjs'
import { writeJoined } from './lib/joined.mjs'
import { ROOT, run, say, stop } from './lib/run.mjs'

const started = performance.now()
const seconds = (since) => Math.round((performance.now() - since) / 1000)
const OUT = `${ROOT}/test-results`
const bin = (name) => `${ROOT}/node_modules/.bin/${name}`

ensureInstalled()
ensureChromium()
rmSync(OUT, { recursive: true, force: true })
mkdirSync(OUT, { recursive: true })
ensureBuilt()
const built = performance.now()

// The long ones first: the short ones fill what is left beside them.
const tally = await runChecks(
  [LINT, types('web'), FORMAT, types('server'), FRESH, types('core'), types('e2e'), IMPORTS, UNUSED],
  Math.min(4, availableParallelism()),
)

say('Unit tests')
const jestFile = `${OUT}/jest.json`
const asked = process.argv.slice(2)
run(
  bin('jest'),
  ['--silent', '--json', `--outputFile=${jestFile}`, `--maxWorkers=${availableParallelism()}`, ...asked],
  // Whoever asks for some of them names their files.
  asked.length > 0 ? {} : { JOINED: writeJoined().join('\n') },
)
if (!existsSync(jestFile)) stop('Jest did not run.')
const jest = JSON.parse(readFileSync(jestFile, 'utf8'))
tally.passed += jest.numPassedTests
tally.failed += jest.numFailedTests + jest.numRuntimeErrorTestSuites
if (jest.numPassedTests === 0) tally.failed += 1
mkdirSync(CACHE, { recursive: true })
writeFileSync(DURATIONS, JSON.stringify(durationsOf(jest.testResults)))
say(`Checks and unit tests took ${seconds(built)} s`)

say('Browser tests')
const e2eFile = `${OUT}/playwright.json`
const code = run(bin('playwright'), ['test', '--config', 'e2e/playwright.config.ts'], {
  PLAYWRIGHT_JSON_OUTPUT_NAME: e2eFile,
})
if (!existsSync(e2eFile)) stop('Playwright did not run.')
const { stats, suites } = JSON.parse(readFileSync(e2eFile, 'utf8'))
tally.passed += stats.expected + stats.flaky
tally.failed += stats.unexpected
if (code !== 0 && stats.unexpected === 0) tally.failed += 1
for (const { file, title, message } of passedWhenRunAgain(suites))
  say(`Passed only when run again, a race to mend: ${file} › ${title}\n${message}`)

say(`Took ${seconds(started)} s, ${seconds(built)} s of it after install and build`)
console.log(`${tally.passed} passed, ${tally.failed} failed`)
process.exitCode = tally.failed === 0 ? 0 : 1

/** Seconds of each test file; of one that ran within the suite of its folder, its tests and what loading it alone takes. */
function durationsOf(suites) {
  const LOADING = 2
  const seconds = new Map()
  for (const { name, startTime, endTime, assertionResults } of suites) {
    if (!name.includes('/.joined/')) seconds.set(relative(ROOT, name), (endTime - startTime) / 1000)
    else
      for (const { ancestorTitles, duration } of assertionResults)
        seconds.set(ancestorTitles[0], (seconds.get(ancestorTitles[0]) ?? LOADING) + (duration ?? 0) / 1000)
  }
  return Object.fromEntries([...seconds].map(([file, s]) => [file, Math.round(s * 10) / 10]))
}

/** The journeys that failed first: shapes as in Playwright's JSON report. */
function passedWhenRunAgain(all) {
  return all.flatMap((suite) => [
    ...suite.specs
      .filter((spec) => spec.tests.some((t) => t.status === 'flaky'))
      .map((spec) => ({
        file: spec.file,
        title: spec.title,
        message: spec.tests
          .flatMap((t) => t.results.map((r) => r.error?.message ?? ''))
          .join('\n')
          .trim(),
      })),
    ...passedWhenRunAgain(suite.suites ?? []),
  ])
}
