// The checks that have no cases of their own, some at a time; what one prints is shown when it ends, whole.
import { spawn } from 'node:child_process'
import { ROOT, say, TYPE_CHECKER } from './run.mjs'

const bin = (name) => `${ROOT}/node_modules/.bin/${name}`

export const FORMAT = { what: 'Format', run: [bin('prettier'), '--check', '--log-level', 'warn', '.'] }
export const LINT = { what: 'Lint', run: [bin('eslint'), '.', '--max-warnings', '0'] }
export const types = (part) => ({
  what: `Types of ${part}`,
  run: [process.execPath, TYPE_CHECKER, '--singleThreaded', '-p', `${part}/tsconfig.json`],
})
export const IMPORTS = {
  what: 'Import rules',
  run: [bin('depcruise'), 'core/src', 'server/src', 'web/src', '--config', '.dependency-cruiser.cjs'],
}
export const UNUSED = { what: 'Exports and packages that nobody uses', run: [bin('knip'), '--no-config-hints'] }
export const FRESH = { what: 'Generated files are fresh', run: [process.execPath, 'scripts/docs.mjs', '--check'] }

/** The types of one part, remembered between runs. */
export const typesAgain = (part) => ({
  what: `Types of ${part}`,
  run: [...types(part).run, '--incremental', '--tsBuildInfoFile', `${CACHE}/${part}.tsbuildinfo`],
})
/** Format and lint of some files only. */
export const formatOf = (files) => ({
  what: 'Format',
  run: [bin('prettier'), '--check', '--log-level', 'warn', '--ignore-unknown', ...files],
})
export const lintOf = (files) => ({
  what: 'Lint',
  run: [bin('eslint'), '--max-warnings', '0', '--no-warn-ignored', ...files],
})
export const testsOf = (files) => ({
  what: `Tests of ${files.length} file${files.length === 1 ? '' : 's'}`,
  run: [bin('jest'), '--silent', '--runTestsByPath', ...files],
})

/** What runs remember for the next, beside the packages. */
export const CACHE = `${ROOT}/node_modules/.cache/nimble-anchor`
/** Seconds of each test file in the last `npm test`. */
export const DURATIONS = `${CACHE}/durations.json`

/** One command to its end: whether it was good. */
function runOne({ what, run: [command, ...args] }) {
  return new Promise((resolve) => {
    const began = performance.now()
    const child = spawn(command, args, { cwd: ROOT, stdio: ['ignore', 'pipe', 'pipe'] })
    let text = ''
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (chunk) => (text += chunk))
    child.on('error', (error) => (text += `${error}\n`))
    child.on('close', (code) => {
      const isGood = code === 0
      say(`${what}: ${isGood ? 'good' : 'FAILED'} after ${Math.round((performance.now() - began) / 1000)} s`)
      if (!isGood) console.error(text)
      resolve(isGood)
    })
  })
}

/** Runs checks, `atOnce` at a time; how many were good and how many were not. */
export async function runChecks(checks, atOnce) {
  const left = [...checks]
  const tally = { passed: 0, failed: 0 }
  const lane = async () => {
    for (let next = left.shift(); next; next = left.shift()) tally[(await runOne(next)) ? 'passed' : 'failed'] += 1
  }
  await Promise.all(Array.from({ length: atOnce }, lane))
  return tally
}
