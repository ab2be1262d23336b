// `npm run bench`: how fast the core and the API are here. `--json` prints [{name, value, unit, limit}].
import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { gzipSync } from 'node:zlib'
import { besideSolver, soundUnit, wideQuestion } from './bench/arranging.mjs'
import { growBare, ladderOf } from './bench/bare-growth.mjs'
import { benchRedrawMs, stageChanges, tapsStored } from './bench/browser.mjs'
import { call, callBare, PORT, serve, serveBare, SERVED } from './bench/processes.mjs'
import { medianMs, medianWaitMs, share, timesAsLong } from './bench/timing.mjs'
import { ensureBuilt } from './build.mjs'
import { ensureInstalled } from './lib/ensure.mjs'
import { importDemoFiles } from './lib/demo-files.mjs'
import { exampleCase } from './lib/example.mjs'
import { keepOutputClean, ROOT } from './lib/run.mjs'

keepOutputClean()
ensureInstalled()
ensureBuilt()
const core = await import(`${ROOT}/core/dist/index.js`)
const { MASS_STATURE_CORRELATION } = await import(`${ROOT}/core/dist/forecast/growth-model.js`)
const results = []
const report = (name, value, unit, limit) => results.push({ name, value: Math.round(value * 1000) / 1000, unit, limit })

const example = exampleCase(core)
// As an entry leaves it, a document of its own: what was worked out about one case is kept with it.
const assessOne = () => core.assess({ ...example })
report('one assessment', medianMs(assessOne, 200), 'ms', 1)

const shelf = JSON.parse(readFileSync(`${ROOT}/demo/restraints.json`, 'utf8'))
const demoModes = shelf.models.flatMap((model) => model.modes.map((mode) => ({ model, mode })))
const stock = Array.from({ length: 2000 }, (_, i) => {
  const { model, mode } = demoModes[i % demoModes.length]
  const single = { ...model, id: `${model.id}-${i}`, modes: [mode] }
  return { model: single, unit: soundUnit(single, i) }
})
const seven = JSON.parse(readFileSync(`${ROOT}/demo/pool-cars.json`, 'utf8')).vehicles.find(
  (v) => v.id === 'corran-avocet',
)
const vehicle = { ...seven, positions: seven.positions.map((p) => ({ ...p, isDriverSeat: undefined })) }
const matchAll = () => {
  for (const match of core.matchModes(example, stock)) core.matchPlaces(example, vehicle, match)
}
const matched = await timesAsLong(matchAll, assessOne, { runs: 5 })
report(`matching 2,000 modes × ${vehicle.positions.length} positions`, medianMs(matchAll, 5), 'ms', 100)
report('the same beside one assessment', matched, 'times', 100)

const html = readFileSync(`${ROOT}/web/dist/index.html`, 'utf8')
const first = readdirSync(`${ROOT}/web/dist/assets`).filter((f) => f.endsWith('.js') && html.includes(f))
const bytes = first.reduce((sum, f) => sum + gzipSync(readFileSync(`${ROOT}/web/dist/assets/${f}`)).length, 0)
report('script of the first screen, gzipped', bytes / 1000, 'kB', 200)

const child = JSON.parse(readFileSync(`${ROOT}/demo/families.json`, 'utf8')).children.find(
  (c) => c.id === 'tamsin-hale',
)
const input = core.forecastInput(child, '2026-11-24')
const grow = () => core.growAll(input, 10_000)
const { steps } = core.growAll(input, 1)
const bareGrowth = {
  ladders: input.sexes.map((sex) => ladderOf(core, sex, input.age.lo, steps)),
  steps,
  count: 10_000,
  first: input,
  correlation: MASS_STATURE_CORRELATION,
  largestZ: core.LARGEST_Z,
  seed: 1,
}
report('10,000 growth trajectories × 12 years', medianMs(grow, 3), 'ms', 1000)
report('the same beside a bare loop', await timesAsLong(grow, () => growBare(bareGrowth), { runs: 3 }), 'times', 1.5)

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

for (const [names, units, places, limit] of [
  [['Wren', 'Tamsin', 'Perrin', 'Osric'], 60, 7, 500],
  [['Wren', 'Tamsin', 'Perrin', 'Osric', 'Ada', 'Col'], 200, 9, 3000],
]) {
  const asked = wideQuestion(core, names, units, places)
  const name = `arranging ${names.length} children × ${places} places × ${units} units, proven best`
  report(name, medianMs(() => core.arrange(asked), 2), 'ms', limit) // prettier-ignore
}
const beside = await besideSolver(core)
const both = `${Math.round(beside.searchMs)} ms and ${Math.round(beside.solverMs)} ms`
report(
  `arranging ${beside.families} families beside a MILP solver, ${both}`,
  beside.searchMs / beside.solverMs,
  'times',
  1,
)

const data = mkdtempSync(join(tmpdir(), 'nimble-anchor-bench-'))

// Reading and storing one fitting, beside the least a server could do.
let server = await serve(data)
await importDemoFiles(SERVED)
const bare = await serveBare(join(data, 'bare.sqlite'))
await call('fittings', { childId: 'tamsin-hale', vehicleId: 'corran-dunlin' })
const { id: onBench } = await call('fittings/import?child=known', example)
const opened = await call('fittings/import?child=known', example)
await callBare(opened.id, opened, 'PUT')
report(
  'reading one fitting beside bare node:http and one statement',
  await timesAsLong(
    () => call(`fittings/${opened.id}`),
    () => callBare(opened.id),
    { runs: 100 },
  ),
  'times',
  5,
)
let base = opened.sequence
const entryOf = (i) => ({
  baseSequence: base,
  who: 'bench',
  // A look, as most entries are.
  puts: [{ path: ['readings', 'tug-left'], value: { option: i % 2 === 0 ? 'unsure' : 'held' } }],
})
report(
  'storing one entry beside the same and one durable insert',
  await timesAsLong(
    async (i) =>
      ({ sequence: base } = await call(`fittings/${opened.id}/entries`, entryOf(i), { prefer: 'return=minimal' })),
    (i) => callBare(opened.id, entryOf(i)),
    { runs: 100 },
  ),
  'times',
  5,
)
await bare.stop()

report('fit bench, script of one redraw while dragging', await benchRedrawMs(onBench), 'ms', 8)
const { changesMs, longestTaskMs } = await stageChanges(onBench, 6)
report('change of stage, script, median', share(changesMs, 0.5), 'ms', 60)
report('change of stage, script, the worst', Math.max(...changesMs), 'ms', 100)
report('longest task while going round the stages', longestTaskMs, 'ms', 200)
const TAPS = 200
const { storedMs } = await tapsStored(onBench, TAPS)
report(`${TAPS} taps in a row, each from the screen to stored, p95`, share(storedMs, 0.95), 'ms', 200)
await server.stop()

// How often a tap is judged: in the page by its own marks, in the server by the engine's count of calls.
const covered = mkdtempSync(join(tmpdir(), 'nimble-anchor-bench-calls-'))
server = await serve(data, covered)
const { assessments } = await tapsStored(onBench, TAPS)
await server.stop()
const callsOf = (file, name) =>
  readdirSync(covered)
    .flatMap((f) => JSON.parse(readFileSync(join(covered, f), 'utf8')).result)
    .filter((r) => r.url.endsWith(file))
    .flatMap((r) => r.functions)
    .filter((f) => f.functionName === name)
    .reduce((sum, f) => sum + f.ranges[0].count, 0)
report('assessments of a tap, in the page', assessments / TAPS, 'a tap', 1)
report('assessments of a tap, in the server', callsOf('core/dist/verdict/assess.js', 'judged') / TAPS, 'a tap', 1.02)
report(
  'entries judged of a tap, in the server',
  callsOf('core/dist/casefile/changes.js', 'applyPuts') / TAPS,
  'a tap',
  1.02,
)
rmSync(covered, { recursive: true, force: true })

// A log of years: one fitting, copied straight into the database while no server runs.
const STORED = 50_000
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
server = await serve(data)
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
// A word that everybody has, one that few have, one that is only begun, and the end of the whole list.
const searches = [
  'q=hale',
  'q=tamsin+hale+sk',
  'q=s',
  'q=zoe&route=belt&withFaults=true',
  `offset=${STORED - 150}&limit=100`,
]
const worst = Math.max(
  ...(await searches.reduce(async (all, q) => [...(await all), await medianWaitMs(() => call(`logbook?${q}`), 7)], [])),
)
report(`logbook of ${STORED / 1000},000, the slowest of ${searches.length} searches`, worst, 'ms', 100)
// The index alone, asked for the numbers of all that match, in this process and without a request.
const index = new Sqlite(join(data, 'nimble-anchor.sqlite'), { readonly: true })
const bareSearch = index.prepare('SELECT rowid FROM fitting_search WHERE fitting_search MATCH ?').pluck()
const searched = await timesAsLong(
  async () => {
    for (const q of ['hale', 'tamsin+hale+sk', 's']) await call(`logbook?q=${q}`)
  },
  () => {
    for (const words of [['hale'], ['tamsin', 'hale', 'sk'], ['s']])
      bareSearch.all(words.map((word) => `"${word}"*`).join(' '))
  },
  { runs: 7 },
)
index.close()
report('three searches by words beside the bare full-text query', searched, 'times', 3)

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
report(
  `API with ${STORED / 1000},000 fittings stored, ${CLIENTS} clients five times a second each, p95`,
  share(times, 0.95),
  'ms',
  50,
)

if (process.argv.includes('--json')) console.log(JSON.stringify(results, null, 2))
else
  for (const r of results)
    console.log(`${r.value <= r.limit ? 'within' : 'OVER  '}  ${r.name}: ${r.value} ${r.unit} (limit ${r.limit})`)
process.exit(0)
