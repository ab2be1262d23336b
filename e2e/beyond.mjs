// The program as it is reached from beyond this machine without encryption, listening on loopback all the same:
// where it listens and by which names it is called are two things.
import { createRequire } from 'node:module'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'

const require = createRequire(import.meta.url)
require('reflect-metadata')
const { createApp } = require('../server/dist/app.js')
const { SeedFiles } = require('../server/dist/demo/commands/seed-files.js')

const ROOT = fileURLToPath(new URL('..', import.meta.url))
const TODAY = '2026-11-25'
const [dataDir, port, name] = process.argv.slice(2)
const transport = { scheme: 'http', names: new Set([name]), isBeyond: true, isBehindProxy: false }
const app = await createApp({ dataDir, webDir: join(ROOT, 'web', 'dist'), today: TODAY, transport, scryptCost: 8 })
await app.get(SeedFiles).run(join(ROOT, 'demo'), TODAY)
await app.listen(Number(port), '127.0.0.1')
console.log(`${name} is at ${port}`)
