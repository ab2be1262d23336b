// `npm test`: everything CI runs. Installs what is missing, then format and lint, types, import rules,
// freshness of generated files, unit tests, browser tests; closes with "N passed, N failed".
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs'
import { ensureBuilt } from './build.mjs'
import { ensureChromium, ensureInstalled } from './lib/ensure.mjs'
import { ROOT, run, say, stop } from './lib/run.mjs'

const started = performance.now()
const OUT = `${ROOT}/test-results`
const bin = (name) => `${ROOT}/node_modules/.bin/${name}`
const tally = { passed: 0, failed: 0 }

ensureInstalled()
ensureChromium()
rmSync(OUT, { recursive: true, force: true })
mkdirSync(OUT, { recursive: true })

/** A check without cases of its own counts as one. */
function check(what, command, args) {
  say(what)
  const isGood = run(command, args) === 0
  tally[isGood ? 'passed' : 'failed'] += 1
  if (!isGood) console.error(`✕ ${what}`)
}

check('Format', bin('prettier'), ['--check', '--log-level', 'warn', '.'])
check('Lint', bin('eslint'), ['.', '--max-warnings', '0'])
for (const part of ['core', 'web', 'e2e']) check(`Types of ${part}`, bin('tsc'), ['-p', `${part}/tsconfig.json`])
check('Import rules', bin('depcruise'), ['core/src', 'server/src', 'web/src', '--config', '.dependency-cruiser.cjs'])
check('Generated files are fresh', process.execPath, ['scripts/docs.mjs', '--check'])
ensureBuilt()
check('Types of server', bin('tsc'), ['-p', 'server/tsconfig.json'])

say('Unit tests')
const jestFile = `${OUT}/jest.json`
run(bin('jest'), ['--silent', '--json', `--outputFile=${jestFile}`, ...process.argv.slice(2)])
if (!existsSync(jestFile)) stop('Jest did not run.')
const jest = JSON.parse(readFileSync(jestFile, 'utf8'))
tally.passed += jest.numPassedTests
tally.failed += jest.numFailedTests + jest.numRuntimeErrorTestSuites
if (jest.numPassedTests === 0) tally.failed += 1

say('Browser tests')
const e2eFile = `${OUT}/playwright.json`
const code = run(bin('playwright'), ['test', '--config', 'e2e/playwright.config.ts'], {
  PLAYWRIGHT_JSON_OUTPUT_NAME: e2eFile,
})
if (!existsSync(e2eFile)) stop('Playwright did not run.')
const { stats } = JSON.parse(readFileSync(e2eFile, 'utf8'))
tally.passed += stats.expected
tally.failed += stats.unexpected + stats.flaky
if (code !== 0 && stats.unexpected + stats.flaky === 0) tally.failed += 1

say(`Took ${Math.round((performance.now() - started) / 1000)} s`)
console.log(`${tally.passed} passed, ${tally.failed} failed`)
process.exitCode = tally.failed === 0 ? 0 : 1
