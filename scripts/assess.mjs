// `npm run --silent assess -- FILE`: the assessment of a case file as JSON.
// Exit 0 ready to travel, 1 not, 2 the file is not valid.
import { existsSync, readFileSync } from 'node:fs'
import { ensureInstalled } from './lib/ensure.mjs'
import { keepOutputClean, mustRun, ROOT, stop } from './lib/run.mjs'

const [file, ...extra] = process.argv.slice(2)
if (file === undefined || extra.length > 0) stop('Usage: npm run --silent assess -- FILE', 2)
if (!existsSync(`${ROOT}/core/dist/index.js`)) {
  keepOutputClean()
  ensureInstalled()
  mustRun('Building the core', `${ROOT}/node_modules/.bin/tsc`, ['-p', 'core/tsconfig.build.json'])
}
const { assess, caseSchema, faultText, parseWith, upgradeCase } = await import(`${ROOT}/core/dist/index.js`)

let data
try {
  data = JSON.parse(readFileSync(file, 'utf8'))
} catch (error) {
  stop(error instanceof SyntaxError ? `$ is not JSON: ${error.message}` : `${file} cannot be read (${error.code}).`, 2)
}
const parsed = parseWith(caseSchema, upgradeCase(data))
if (!parsed.ok) {
  for (const fault of parsed.error) console.error(faultText(fault))
  process.exit(2)
}
const assessment = assess(parsed.value)
console.log(JSON.stringify(assessment, null, 2))
process.exitCode = assessment.verdict === 'ready' ? 0 : 1
