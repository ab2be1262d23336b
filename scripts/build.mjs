// Builds core, server and interface; skipped when no source has changed since the last build.
import { createHash } from 'node:crypto'
import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { ensureInstalled } from './lib/ensure.mjs'
import { COMPILER, mustRun, ROOT, say } from './lib/run.mjs'

const STAMP = `${ROOT}/.built`
const OUTPUTS = ['core/dist/index.js', 'server/dist/main.js', 'web/dist/index.html']

function sourceHash() {
  const hash = createHash('sha256').update(readFileSync(`${ROOT}/package-lock.json`))
  const add = (folder) => {
    for (const entry of readdirSync(folder, { withFileTypes: true }).sort((a, b) => (a.name < b.name ? -1 : 1))) {
      const path = `${folder}/${entry.name}`
      if (entry.isDirectory()) {
        if (!['node_modules', 'dist'].includes(entry.name)) add(path)
      } else hash.update(path).update(readFileSync(path))
    }
  }
  for (const folder of ['core', 'server', 'web']) add(`${ROOT}/${folder}`)
  return hash.digest('hex')
}

const isFresh = (wanted) =>
  existsSync(STAMP) && readFileSync(STAMP, 'utf8') === wanted && OUTPUTS.every((file) => existsSync(`${ROOT}/${file}`))

/** Whether what is built is what the sources say. */
export const isBuilt = () => isFresh(sourceHash())

export function ensureBuilt() {
  const wanted = sourceHash()
  if (isFresh(wanted)) return say('Built already; nothing has changed')
  const bin = `${ROOT}/node_modules/.bin`
  mustRun('Building the core', process.execPath, [COMPILER, '-p', 'core/tsconfig.build.json'])
  mustRun('Building the server', process.execPath, [COMPILER, '-p', 'server/tsconfig.build.json'])
  mustRun('Building the interface', `${bin}/vite`, ['build', 'web', '--logLevel', 'warn'])
  writeFileSync(STAMP, wanted)
}

if (process.argv[1] === fileURLToPath(import.meta.url)) {
  ensureInstalled()
  ensureBuilt()
}
