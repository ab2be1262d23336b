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

const child = JSON.parse(readFileSync(`${ROOT}/demo/families.json`, 'utf8')).children.find(
  (c) => c.id === 'tamsin-hale',
)
const input = core.forecastInput(child, '2026-11-24')
report(
  '10,000 growth trajectories × 12 years',
  medianMs(() => core.growAll(input, 10_000), 3),
  'ms',
  1000,
)

// The widest search that a catalogue may ask for: many reclines, a wedge, a long slide, a passenger's seat on its track.
const wide = (() => {
  const s = core.fittedSubject(example)
  const reclines = Array.from({ length: 8 }, (_, i) => ({ id: `r${i}`, label: `${i + 1}`, shellAngleDeg: 30 + 3 * i }))
  return {
    ...s,
    look: () => ({}),
    mode: {
      ...s.mode,
      reclines,
      slidesOnBaseMm: 60,
      wedge: { allowed: true, heightMm: 40, baseLengthMm: 380 },
    },
    route: { ...s.route, frontSeat: 'must-not-touch', permittedReclines: reclines.map((r) => r.id) },
    position: { ...s.position, side: 'left', frontSeatRangeMm: { fullyBackMm: 600, fullyForwardMm: 900 } },
  }
})()
report(
  `find a set-up, ${core.findSetUp(wide).tried} combinations`,
  medianMs(() => core.findSetUp(wide), 5),
  'ms',
  300,
)

const data = mkdtempSync(join(tmpdir(), 'nimble-anchor-bench-'))
const PORT = 4396
async function serve() {
  const server = spawn(process.execPath, [`${ROOT}/server/dist/main.js`, '--port', `${PORT}`, '--data', data])
  await new Promise((resolve, reject) => {
    server.stdout.on('data', (chunk) => `${chunk}`.includes('Nimble Anchor is at') && resolve())
    server.on('exit', () => reject(new Error(`The server did not start on port ${PORT}.`)))
  })
  return {
    stop: () =>
      new Promise((resolve) => {
        server.on('exit', resolve)
        server.kill('SIGTERM')
      }),
  }
}
const call = (path, body) =>
  fetch(
    `http://127.0.0.1:${PORT}/api/${path}`,
    body && { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) },
  ).then((r) => r.json())

/** Script that the page runs for one step of a handle that is dragged on the fit bench, by the browser's own count. */
async function benchRedrawMs(id) {
  const { chromium } = await import('@playwright/test')
  const { CHROMIUM } = await import('./lib/ensure.mjs')
  const browser = await chromium.launch({ executablePath: CHROMIUM, args: ['--no-sandbox', '--disable-gpu'] })
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 900 } })
    await page.goto(`http://127.0.0.1:${PORT}/fittings/${id}/set-up`)
    const handle = page.locator('[data-handle="frontSeatGapMm"]')
    await handle.waitFor()
    const box = await handle.boundingBox()
    const x = box.x + box.width / 2
    const y = box.y + box.height / 2
    const client = await page.context().newCDPSession(page)
    await client.send('Performance.enable')
    const script = async () => {
      const { metrics } = await client.send('Performance.getMetrics')
      return metrics.find((m) => m.name === 'ScriptDuration').value * 1000
    }
    await page.mouse.move(x, y)
    await page.mouse.down()
    const MOVES = 120
    // Back and forth by more than a step of the seat, so that every move is a redraw.
    const move = (i) => page.mouse.move(x + (i % 2 === 0 ? 25 : -25), y)
    for (let i = 0; i < 20; i += 1) await move(i)
    const before = await script()
    for (let i = 0; i < MOVES; i += 1) await move(i)
    const after = await script()
    await page.mouse.up()
    return (after - before) / MOVES
  } finally {
    await browser.close()
  }
}

// A log of years: one fitting, copied straight into the database while no server runs.
const STORED = 50_000
let server = await serve()
await call('fittings', { childId: 'tamsin-hale', vehicleId: 'corran-dunlin' })
const { id: onBench } = await call('fittings/import?child=known', example)
report('fit bench, script of one redraw while dragging', await benchRedrawMs(onBench), 'ms', 8)
await server.stop()
const { default: Sqlite } = await import('better-sqlite3')
const db = new Sqlite(join(data, 'nimble-anchor.sqlite'))
const columns = db.pragma('table_info(fitting)').map((c) => `"${c.name}"`)
const FIRST = ['Tamsin', 'Perrin', 'Wren', 'Osric', 'Bryn', 'Ada', 'Col', 'Mabe', 'Una', 'Fin', 'Zoë', 'Kit']
const LAST = ['Hale', 'Oxley', 'Penn', 'Tolland', 'Strand', 'Carrow', 'Quill', 'Amber', 'Brand', 'Corrie', 'Fell']
const pick = (list, n) =>
  `CASE ${n} % ${list.length} ${list.map((name, i) => `WHEN ${i} THEN '${name}'`).join(' ')} END`
const generated = {
  '"id"': `printf('00000000-0000-4000-8000-%012d', n)`,
  '"number"': 'n + 100',
  '"createdAt"': `strftime('%Y-%m-%dT%H:%M:%SZ', '2020-01-01', (n * 61) || ' minutes')`,
  '"childName"': `${pick(FIRST, 'n')} || ' ' || ${pick(LAST, '(n / 7)')}`,
  '"routeKind"': pick(['isofix-leg', 'isofix-tether', 'belt', 'booster'], 'n'),
  '"status"': pick(['signed', 'signed', 'signed', 'open'], 'n'),
}
db.exec(
  `WITH RECURSIVE count(n) AS (SELECT 1 UNION ALL SELECT n + 1 FROM count WHERE n < ${STORED}) INSERT INTO fitting (${columns}) SELECT ${columns.map((c) => generated[c] ?? c)} FROM count, (SELECT * FROM fitting LIMIT 1)`,
)
db.exec(
  `INSERT INTO fitting_search (rowid, text) SELECT number, number || ' ' || childName || ' ' || coalesce(vehicleName, '') || ' TH ' || (number % 40) || ' SK-' || number FROM fitting WHERE number > 100`,
)
db.exec(
  `INSERT INTO fitting_fault SELECT id, ${pick(['latch-indicators', 'leg-contact', 'harness-slack', 'coat', 'belt-path'], 'number')}, createdAt, number % 2 FROM fitting WHERE number > 100 AND number % 3 = 0`,
)
db.close()

// Twenty fitters who each look, enter or list five times a second, without a pause: far busier than a bay is.
const CLIENTS = 20
const ROUNDS = 30
const PAUSE_MS = 200
server = await serve()
const times = []
await Promise.all(
  Array.from({ length: CLIENTS }, async (_, client) => {
    const { id } = await call('fittings', { childId: 'tamsin-hale', vehicleId: 'corran-dunlin' })
    let entries = 0
    const requests = [
      () => call('fittings'),
      () => call(`fittings/${id}`),
      () => {
        const mass = { value: 10 + client / 100 + entries / 1000, plusMinus: 0.1, source: 'measured' }
        const puts = [{ path: ['child', 'massKg'], value: mass }]
        return call(`fittings/${id}/entries`, { baseSequence: entries++, who: 'bench', puts })
      },
    ]
    await new Promise((r) => setTimeout(r, (client / CLIENTS) * PAUSE_MS))
    for (let i = 0; i < ROUNDS; i += 1) {
      const start = performance.now()
      await requests[i % requests.length]()
      const took = performance.now() - start
      times.push(took)
      await new Promise((r) => setTimeout(r, Math.max(0, PAUSE_MS - took)))
    }
  }),
)
/** Median time of a request, as a browser waits for it. */
async function requestMs(path, runs = 7) {
  const taken = []
  for (let i = 0; i < runs; i += 1) {
    const start = performance.now()
    await call(path)
    taken.push(performance.now() - start)
  }
  return taken.sort((a, b) => a - b)[Math.floor(runs / 2)]
}
// A word that everybody has, one that few have, one that is only begun, and the end of the whole list.
const searches = [
  'q=hale',
  'q=tamsin+hale+sk',
  'q=s',
  'q=zoe&route=belt&withFaults=true',
  `offset=${STORED - 150}&limit=100`,
]
const worst = Math.max(
  ...(await searches.reduce(async (all, q) => [...(await all), await requestMs(`logbook?${q}`)], [])),
)
report(`logbook of ${STORED / 1000},000, the slowest of ${searches.length} searches`, worst, 'ms', 100)

// Long work, one after another, while somebody looks at a fitting again and again: the longest that he waits.
const { format, version } = await call('catalogue')
const sheepshank = shelf.models.find((m) => m.id === 'ravel-sheepshank')
const many = (n, make) => Array.from({ length: n }, (_, i) => make(i))
const csvOf = (rows) => ['unit.id,unit.modelId,unit.serial', ...rows].join('\n')
const importCsv = (text, isPreview) =>
  fetch(`http://127.0.0.1:${PORT}/api/catalogue/import?preview=${isPreview}`, {
    method: 'POST',
    headers: { 'content-type': 'text/csv' },
    body: text,
  }).then((r) => r.json())
const units = csvOf(many(10_000, (i) => `bench-${i},ravel-bowline,B${i}`))
const LONG = {
  'a spreadsheet of 10,000 units looked at': () => importCsv(units, true),
  'the same imported': () => importCsv(units, false),
  '5,000 children imported': () => call('catalogue/import', { format, version, children: many(5000, (i) => ({ id: `bench-${i}`, name: `N${i}`, familyName: `F${i}` })) }), // prettier-ignore
  '600 models imported': () => call('catalogue/import', { format, version, models: many(600, (i) => ({ ...sheepshank, id: `bench-${i}`, name: `M${i}` })) }), // prettier-ignore
  'the road ahead with all of them': () => call(`fittings/${onBench}/ahead?of=catalogue`),
  'a handover sheet': () => fetch(`http://127.0.0.1:${PORT}/api/fittings/${onBench}/sheet.pdf`).then((r) => r.arrayBuffer()), // prettier-ignore
}
let longestWait = 0
let longestWork = ''
for (const [name, work] of Object.entries(LONG)) {
  let isOver = false
  const watching = (async () => {
    while (!isOver) {
      const start = performance.now()
      await call('health')
      const waited = performance.now() - start
      if (waited > longestWait) [longestWait, longestWork] = [waited, name]
      await new Promise((r) => setTimeout(r, 5))
    }
  })()
  await work()
  isOver = true
  await watching
}
report(`longest wait of a short request beside long work (${longestWork})`, longestWait, 'ms', 200)
await server.stop()
rmSync(data, { recursive: true, force: true })
times.sort((a, b) => a - b)
report(
  `API with ${STORED / 1000},000 fittings stored, ${CLIENTS} clients five times a second each, p95`,
  times[Math.floor(times.length * 0.95)],
  'ms',
  50,
)

if (process.argv.includes('--json')) console.log(JSON.stringify(results, null, 2))
else
  for (const r of results)
    console.log(`${r.value <= r.limit ? 'within' : 'OVER  '}  ${r.name}: ${r.value} ${r.unit} (limit ${r.limit})`)
process.exit(0)
