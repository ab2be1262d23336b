// One process that serves many journeys: the real application, made anew for each on a folder of its own.
// Loading the program takes ten times as long as making an application of it.
import { cpSync, mkdtempSync, rmSync } from 'node:fs'
import { createRequire } from 'node:module'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'

const require = createRequire(import.meta.url)
require('reflect-metadata')
const { createApp } = require('../server/dist/app.js')
const { Threads } = require('../server/dist/work/threads.js')
const { SeedFiles } = require('../server/dist/demo/commands/seed-files.js')

const ROOT = fileURLToPath(new URL('..', import.meta.url))
const apps = new Map()
/** A thread reads the program in once, not once a journey. */
const threads = new Threads(true)

async function open(dataDir, today) {
  // What a guess of a password costs is not waited for here.
  const app = await createApp({ dataDir, webDir: join(ROOT, 'web', 'dist'), today, scryptCost: 8, threads })
  await app.get(SeedFiles).run(join(ROOT, 'demo'), today)
  return app
}

/** Folders with the demo in them, one a day: copied for each journey of that day. */
const templates = new Map()
async function template(today) {
  const known = templates.get(today)
  if (known) return known
  const folder = mkdtempSync(join(tmpdir(), 'nimble-anchor-demo-'))
  const app = await open(folder, today)
  await app.close()
  templates.set(today, folder)
  return folder
}

const ACTS = {
  async start({ dataDir, today, port }) {
    cpSync(await template(today), dataDir, { recursive: true })
    const app = await open(dataDir, today)
    await app.listen(port, '127.0.0.1')
    apps.set(dataDir, app)
    return { port: app.getHttpServer().address().port }
  },
  async stop({ dataDir }) {
    const app = apps.get(dataDir)
    apps.delete(dataDir)
    app?.getHttpServer().closeAllConnections()
    await app?.close()
    return {}
  },
}

process.on('message', ({ id, act, ...rest }) => {
  ACTS[act](rest).then(
    (value) => process.send({ id, ...value }),
    (error) => process.send({ id, error: String(error?.stack ?? error) }),
  )
})
process.on('disconnect', () => {
  for (const folder of templates.values()) rmSync(folder, { recursive: true, force: true })
  process.exit(0)
})
process.send({ id: 0 })
