// `npm run --silent arrange -- FILE`: who sits where, with which restraint, as JSON.
// Exit 0 all fit, 1 not (or only if measured), 2 the file is not valid. Progress goes to the error stream.
import { existsSync, readFileSync } from 'node:fs'
import { setImmediate } from 'node:timers/promises'
import { ensureInstalled } from './lib/ensure.mjs'
import { keepOutputClean, mustRun, ROOT, stop } from './lib/run.mjs'

const [file, ...extra] = process.argv.slice(2)
if (file === undefined || extra.length > 0) stop('Usage: npm run --silent arrange -- FILE', 2)
if (!existsSync(`${ROOT}/core/dist/index.js`)) {
  keepOutputClean()
  ensureInstalled()
  mustRun('Building the core', `${ROOT}/node_modules/.bin/tsc`, ['-p', 'core/tsconfig.build.json'])
}
const { arrangeRequestSchema, arranging, faultText, parseWith } = await import(`${ROOT}/core/dist/index.js`)

let data
try {
  data = JSON.parse(readFileSync(file, 'utf8'))
} catch (error) {
  stop(error instanceof SyntaxError ? `$ is not JSON: ${error.message}` : `${file} cannot be read (${error.code}).`, 2)
}
const parsed = parseWith(arrangeRequestSchema, data)
if (!parsed.ok) {
  for (const fault of parsed.error) console.error(faultText(fault))
  process.exit(2)
}
// Stopped by hand it tells the best found so far.
let word
process.once('SIGINT', () => (word = 'stop'))
const steps = arranging(parsed.value)
let step = steps.next()
let told = 0
while (!step.done) {
  if (Date.now() - told > 500) {
    told = Date.now()
    console.error(`${Math.round(step.value.share * 100)} % of the ways looked at`)
    // A signal is heard between two parts of the search.
    await setImmediate()
  }
  step = steps.next(word)
}
console.log(JSON.stringify(step.value, null, 2))
process.exitCode = step.value.verdict === 'fits' ? 0 : 1
