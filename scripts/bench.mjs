// `npm run bench`: how fast the core and the API are here. `--json` prints [{name, value, unit, limit}].
import { spawn } from 'node:child_process'
import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { gzipSync } from 'node:zlib'
import { ensureBuilt } from './build.mjs'
import { ensureInstalled } from './lib/ensure.mjs'
import { exampleCase } from './lib/example.mjs'
import { keepOutputClean, ROOT } from './lib/run.mjs'

keepOutputClean()
ensureInstalled()
ensureBuilt()
const core = await import(`${ROOT}/core/dist/index.js`)
const results = []
const report = (name, value, unit, limit) => results.push({ name, value: Math.round(value * 1000) / 1000, unit, limit })

/** Median of several runs, after as many to warm up. */
function medianMs(work, runs) {
  const times = []
  for (let i = 0; i < runs * 2; i += 1) {
    const start = performance.now()
    work()
    if (i >= runs) times.push(performance.now() - start)
  }
  return times.sort((a, b) => a - b)[Math.floor(times.length / 2)]
}

const example = exampleCase(core)
report(
  'one assessment',
  medianMs(() => core.assess(example), 200),
  'ms',
  1,
)

const shelf = JSON.parse(readFileSync(`${ROOT}/demo/restraints.json`, 'utf8'))
const demoModes = shelf.models.flatMap((model) => model.modes.map((mode) => ({ model, mode })))
const stock = Array.from({ length: 2000 }, (_, i) => {
  const { model, mode } = demoModes[i % demoModes.length]
  return {
    model: { ...model, id: `${model.id}-${i}`, modes: [mode] },
    unit: {
      id: `u-${i}`,
      modelId: `${model.id}-${i}`,
      serial: `S${i}`,
      madeOn: '2024-01-01',
      isHistoryKnown: true,
      wasInCrash: false,
      isRecalled: false,
      isComplete: true,
    },
  }
})
const seven = JSON.parse(readFileSync(`${ROOT}/demo/pool-cars.json`, 'utf8')).vehicles.find(
  (v) => v.id === 'corran-avocet',
)
const vehicle = { ...seven, positions: seven.positions.map((p) => ({ ...p, isDriverSeat: undefined })) }
const matchAll = () => {
  for (const match of core.matchModes(example, stock)) core.matchPlaces(example, vehicle, match)
}
report(`matching 2,000 modes × ${vehicle.positions.length} positions`, medianMs(matchAll, 5), 'ms', 100)

const html = readFileSync(`${ROOT}/web/dist/index.html`, 'utf8')
const first = readdirSync(`${ROOT}/web/dist/assets`).filter((f) => f.endsWith('.js') && html.includes(f))
const bytes = first.reduce((sum, f) => sum + gzipSync(readFileSync(`${ROOT}/web/dist/assets/${f}`)).length, 0)
report('script of the first screen, gzipped', bytes / 1000, 'kB', 250)

const data = mkdtempSync(join(tmpdir(), 'nimble-anchor-bench-'))
const PORT = 4396
const server = spawn(process.execPath, [`${ROOT}/server/dist/main.js`, '--port', `${PORT}`, '--data', data])
await new Promise((resolve, reject) => {
  server.stdout.on('data', (chunk) => `${chunk}`.includes('Nimble Anchor is at') && resolve())
  server.on('exit', () => reject(new Error(`The server did not start on port ${PORT}.`)))
})
const call = (path, body) =>
  fetch(
    `http://127.0.0.1:${PORT}/api/${path}`,
    body && { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) },
  ).then((r) => r.json())
const times = []
await Promise.all(
  Array.from({ length: 20 }, async (_, client) => {
    const { id } = await call('fittings', { childId: 'tamsin-hale', vehicleId: 'corran-dunlin' })
    for (let i = 0; i < 25; i += 1) {
      const start = performance.now()
      const mass = { value: 10 + client / 100, plusMinus: 0.1, source: 'measured' }
      await call(`fittings/${id}/entries`, {
        baseSequence: i,
        who: 'bench',
        puts: [{ path: ['child', 'massKg'], value: mass }],
      })
      times.push(performance.now() - start)
    }
  }),
)
server.kill('SIGKILL')
rmSync(data, { recursive: true, force: true })
times.sort((a, b) => a - b)
report('saving an entry, 20 clients at once, p95', times[Math.floor(times.length * 0.95)], 'ms', 50)

if (process.argv.includes('--json')) console.log(JSON.stringify(results, null, 2))
else
  for (const r of results)
    console.log(`${r.value <= r.limit ? 'within' : 'OVER  '}  ${r.name}: ${r.value} ${r.unit} (limit ${r.limit})`)
process.exit(0)
