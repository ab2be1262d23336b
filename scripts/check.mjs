// `npm run check`: what a change since HEAD may have broken, in half a minute: format and lint of the files changed,
// types, generated files, and the tests nearest to them. `npm test` runs everything.
import { execFileSync } from 'node:child_process'
import { existsSync, mkdirSync, readFileSync } from 'node:fs'
import { basename, dirname, join } from 'node:path'
import { CACHE, DURATIONS, formatOf, lintOf, runChecks, testsOf, typesAgain } from './lib/checks.mjs'
import { ROOT, say } from './lib/run.mjs'

/** Seconds of tests, by what they took in the last `npm test`: what is further off is left to that, and it is said. */
const MOST_SECONDS = 20
const durations = existsSync(DURATIONS) ? JSON.parse(readFileSync(DURATIONS, 'utf8')) : {}
const secondsOf = (test) => durations[test] ?? 2

const started = performance.now()
const git = (...args) => execFileSync('git', args, { cwd: ROOT, encoding: 'utf8' }).split('\0').filter(Boolean)
const changed = [
  ...new Set([...git('diff', '--name-only', '-z', 'HEAD'), ...git('ls-files', '--others', '--exclude-standard', '-z')]),
].filter((file) => existsSync(join(ROOT, file)))
if (changed.length === 0) {
  say('Nothing has changed since the last commit')
  process.exit(0)
}

const code = changed.filter((file) => /\.(ts|tsx|mjs|cjs)$/.test(file))
const tests = git('ls-files', '--cached', '--others', '--exclude-standard', '-z', '*.test.ts', '*.test.tsx').filter(
  (f) => existsSync(join(ROOT, f)),
)
/** Tests of a file: itself, those beside it, those that import it. */
const near = tests
  .map((test) => {
    const text = readFileSync(join(ROOT, test), 'utf8')
    const rank = Math.min(
      ...code.map((file) => {
        if (file === test) return 0
        const stem = basename(file).replace(/\.(ts|tsx)$/, '')
        if (dirname(file) === dirname(test) && basename(test).startsWith(`${stem}.test.`)) return 0
        return text.includes(`/${stem}.ts`) || text.includes(`/${stem}'`) ? 1 : dirname(file) === dirname(test) ? 2 : 9
      }),
    )
    return { test, rank }
  })
  .filter(({ rank }) => rank < 9)
  .sort((a, b) => a.rank - b.rank)
  .map(({ test }) => test)
let left = MOST_SECONDS
const chosen = near.filter((test) => {
  const fits = secondsOf(test) <= left
  if (fits) left -= secondsOf(test)
  return fits
})
const others = near.filter((test) => !chosen.includes(test))
if (others.length > 0) say(`Left to npm test, for their time: ${others.length} (${others.slice(0, 5).join(', ')})`)

const touches = (part) => code.some((file) => file.startsWith(`${part}/`))
mkdirSync(CACHE, { recursive: true })
const { failed } = await runChecks(
  [
    ...(chosen.length > 0 ? [testsOf(chosen)] : []),
    ...['core', 'web', 'server', 'e2e'].filter((p) => touches(p) || touches('core')).map(typesAgain),
    ...(code.length > 0 ? [lintOf(code)] : []),
    formatOf(changed),
  ],
  2,
)
say(`Took ${Math.round((performance.now() - started) / 1000)} s`)
process.exitCode = failed === 0 ? 0 : 1
