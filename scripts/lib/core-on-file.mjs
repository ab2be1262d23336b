// What `npm run assess` and `npm run arrange` have in common: the core, built where it is not, and one file of JSON.
import { existsSync, readFileSync } from 'node:fs'
import { ensureInstalled } from './ensure.mjs'
import { COMPILER, keepOutputClean, mustRun, ROOT, stop } from './run.mjs'

/** The core, and what the one file on the command line holds; ends with 2 and a sentence where it cannot be read. */
export async function coreAndFile(command) {
  const [file, ...extra] = process.argv.slice(2)
  if (file === undefined || extra.length > 0) stop(`Usage: npm run --silent ${command} -- FILE`, 2)
  if (!existsSync(`${ROOT}/core/dist/index.js`)) {
    keepOutputClean()
    ensureInstalled()
    mustRun('Building the core', process.execPath, [COMPILER, '-p', 'core/tsconfig.build.json'])
  }
  const core = await import(`${ROOT}/core/dist/index.js`)
  try {
    return { core, data: JSON.parse(readFileSync(file, 'utf8')) }
  } catch (error) {
    return stop(
      error instanceof SyntaxError ? `$ is not JSON: ${error.message}` : `${file} cannot be read (${error.code}).`,
      2,
    )
  }
}

/** What a schema makes of it; ends with 2 and each fault on a line of its own. */
export function parsedOrFaults({ parseWith, faultText }, schema, data) {
  const parsed = parseWith(schema, data)
  if (parsed.ok) return parsed.value
  for (const fault of parsed.error) console.error(faultText(fault))
  return process.exit(2)
}
