// Many files' tests as one suite. Jest gives every suite a module registry of its own, and reads the modules in anew for
// each: of a rule's small tests that was nine tenths of the time. A suite that stands in for some files requires them one
// after another, each within a `describe` of its path; nothing of them is changed or left out.
import { execFileSync } from 'node:child_process'
import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs'
import { dirname, join, relative } from 'node:path'
import { ROOT } from './run.mjs'

/** Where the suites of a part are written; left out of git. */
const JOINED = '.joined'
/** A test that sets up modules or the environment for itself would set them up for its neighbours. */
const STANDS_ALONE =
  /jest\s*\.(mock|doMock|resetModules|isolateModules|setTimeout)|process\.env(\.\w+|\[[^\]]+\])?\s*=[^=]|delete process\.env|useFakeTimers/
/**
 * How many suites stand in for the tests of a folder: enough that two processors end together, few enough to load quickly.
 * Screens keep what they know in stores that outlive a test, so theirs are joined a folder each, as they are written.
 */
const SUITES = { 'core/src': 4, 'core/test': 4, 'server/test': 5, 'web/src': 'a folder each' }

const testsOf = (folder) =>
  execFileSync('git', ['ls-files', '--cached', '--others', '--exclude-standard', '-z', folder], {
    cwd: ROOT,
    encoding: 'utf8',
  })
    .split('\0')
    .filter((file) => /\.test\.tsx?$/.test(file) && existsSync(join(ROOT, file)))

/** Folders of a folder: `web/src/fitting/choose` is one. */
function byFolder(tests) {
  const folders = new Map()
  for (const test of tests) {
    const folder = dirname(test).split('/').slice(0, 4).join('/')
    folders.set(folder, [...(folders.get(folder) ?? []), test])
  }
  return [...folders.values()]
}

/** The tests in so many parts of about the same length; each part in the order of the files. */
function inParts(tests, count) {
  const parts = Array.from({ length: count }, () => ({ size: 0, tests: [] }))
  const sized = tests.map((test) => ({ test, size: statSync(join(ROOT, test)).size }))
  for (const { test, size } of sized.toSorted((x, y) => y.size - x.size || (x.test < y.test ? -1 : 1))) {
    const least = parts.reduce((x, y) => (y.size < x.size ? y : x))
    least.tests.push(test)
    least.size += size
  }
  return parts.map((part) => part.tests.sort()).filter((part) => part.length > 0)
}

/**
 * Writes the suites.
 *
 * @returns the test files that stand in no suite, relative to the root
 */
export function writeJoined() {
  const alone = []
  for (const part of new Set(Object.keys(SUITES).map((folder) => folder.split('/')[0]))) {
    rmSync(join(ROOT, part, JOINED), { recursive: true, force: true })
    mkdirSync(join(ROOT, part, JOINED), { recursive: true })
  }
  for (const [where, count] of Object.entries(SUITES)) {
    const [part, name] = where.split('/')
    const folder = join(ROOT, part, JOINED)
    const tests = testsOf(where)
    const isAlone = (test) => STANDS_ALONE.test(readFileSync(join(ROOT, test), 'utf8'))
    alone.push(...tests.filter(isAlone))
    const joined = tests.filter((test) => !isAlone(test))
    const suites = typeof count === 'number' ? inParts(joined, count) : byFolder(joined)
    suites.forEach((of, i) => writeFileSync(join(folder, `${name}-${i + 1}.test.js`), suiteOf(folder, of)))
  }
  return alone
}

/** The text of a suite in `folder` that stands in for `tests`, which are relative to the root. */
const suiteOf = (folder, tests) =>
  tests
    .map(
      (t) =>
        `describe(${JSON.stringify(t)}, () => {\n  require(${JSON.stringify(relative(folder, join(ROOT, t)))})\n})\n`,
    )
    .join('')

/**
 * For mutants each file is one test, which ends at its first failure, and the suite with it. A mutant's tests are picked
 * by a pattern of all their names: of thousands that took longer than the tests, so that a fault which nothing noticed
 * passed for one that the time had ended. Of what is asked of every rule only that which is asked of the stage's own is.
 */
const oneTestAFile = (stage) => `
const STAGE = ${JSON.stringify(stage)}
const register = globalThis.test
let cases
let files = 0
let hasFailed = false
const asked = (table) => (table.every((r) => r?.evaluate) ? table.filter((r) => r.stage === STAGE || STAGE === '') : table)
const each = (take) => (table, ...rest) => {
  if (!Array.isArray(table) || rest.length > 0) throw new Error('A table in a template is not read here')
  return (_name, fn) => asked(table).forEach((row) => take(() => fn(...(Array.isArray(row) ? row : [row]))))
}
const inOrder = async (own) => {
  for (const one of own) {
    const done = one()
    if (done instanceof Promise) await done
  }
}
const file = (fn) => {
  const own = (cases = [])
  fn()
  cases = undefined
  const run = () => inOrder(own).catch((error) => { hasFailed = true; throw error })
  register('#' + files++ + '#', () => (hasFailed ? undefined : run()), 60_000)
}
globalThis.test = globalThis.it = Object.assign((_name, fn) => cases.push(fn), { each: each((fn) => cases.push(fn)) })
globalThis.describe = Object.assign((_name, fn) => (cases === undefined ? file(fn) : fn()), { each: each((fn) => fn()) })
`

/**
 * Writes one suite for the tests of core that `globs` name, relative to `core`.
 *
 * @param stage the one whose rules are tried, where it is of one stage
 * @returns the suite, relative to `core`
 */
export function writeSuite(name, globs, stage = '') {
  const folder = join(ROOT, 'core', JOINED)
  mkdirSync(folder, { recursive: true })
  const tests = globs.flatMap((glob) => globSync(glob)).sort()
  if (tests.length === 0) throw new Error(`No test stands beside ${name}: ${globs.join(', ')}`)
  // That a property fails is enough: the smallest case in which it does is looked for at length, and read by nobody here.
  const first = `require('fast-check').configureGlobal({ endOnFailure: true })\n`
  const all = first + oneTestAFile(stage) + suiteOf(folder, [...new Set(tests)])
  writeFileSync(join(folder, `mutants-${name}.test.js`), all)
  return `${JOINED}/mutants-${name}.test.js`
}

/** Test files of core, relative to the root; a star stands for a name within its folder. */
function globSync(glob) {
  const folder = join('core', dirname(glob))
  const [before, after = ''] = glob.split('/').at(-1).split('*')
  return readdirSync(join(ROOT, folder))
    .filter((file) => (glob.includes('*') ? file.startsWith(before) && file.endsWith(after) : file === before))
    .map((file) => join(folder, file))
}
