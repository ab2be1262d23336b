// `npm run scale`: how the program grows. Signed fittings go in through its own commands, and what people wait
// for is timed over HTTP at each size; then rows in bulk, with small documents. `docs/scale.md` holds what it said.
import { spawn } from 'node:child_process'
import { mkdirSync, mkdtempSync, rmSync, statSync } from 'node:fs'
import { createRequire } from 'node:module'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { parseArgs } from 'node:util'
import { ensureBuilt } from './build.mjs'
import { ensureInstalled } from './lib/ensure.mjs'
import { SERVER } from './lib/engine.mjs'
import { exampleCase } from './lib/example.mjs'
import { ROOT } from './lib/run.mjs'

ensureInstalled()
ensureBuilt()
const { values } = parseArgs({
  options: {
    sizes: { type: 'string', default: '1000,10000' },
    bulk: { type: 'string', default: '1000000' },
    measure: { type: 'string' },
  },
})
const require = createRequire(`${ROOT}/server/dist/main.js`)
const server = (file) => require(`${ROOT}/server/dist/${file}`)
const { createApp } = server('app.js')
const { BringInFitting } = server('fittings/commands/bring-in.js')
const { SignFitting } = server('fittings/commands/sign.js')
const { makeCopy } = server('copies/copy.js')
const SQLite = require('better-sqlite3')
const core = await import(`${ROOT}/core/dist/index.js`)

const PORT = 4977
/** So many are stored at once: as many tablets would. */
const TOGETHER = 32
const SYLLABLES = ['tar', 'ven', 'mor', 'lis', 'ock', 'bran', 'eld', 'sul', 'quay', 'rith', 'pen', 'dor']
const NAMES = SYLLABLES.flatMap((a) => SYLLABLES.map((b) => `${a[0].toUpperCase()}${a.slice(1)}${b}`))
const example = exampleCase(core)
const { today } = example
const log = (text) => console.log(text)

/** Signs fittings until there are `count`, each entered and signed by the commands of the program. */
async function fill(dataDir, from, count) {
  const app = await createApp({ dataDir, today })
  await app.init()
  const [bringIn, sign] = [app.get(BringInFitting), app.get(SignFitting)]
  const one = async (i) => {
    const child = { ...example.child, id: `child-${i}`, name: NAMES[i % NAMES.length], familyName: NAMES[Math.floor(i / NAMES.length) % NAMES.length] } // prettier-ignore
    const { id, sequence } = await bringIn.run({ ...example, child })
    // What is due after it is worked out once, for the first: a forecast takes longer than all else together.
    await sign.run(id, { baseSequence: sequence, who: 'Jory Quill', carerName: 'A carer' }, i === 0 ? 'now' : 'asked')
  }
  const began = performance.now()
  for (let i = from; i < count; i += TOGETHER)
    await Promise.all(Array.from({ length: Math.min(TOGETHER, count - i) }, (_, k) => one(i + k)))
  const seconds = (performance.now() - began) / 1000
  await app.close()
  spreadDue(dataDir)
  return (count - from) / seconds
}

/** What is due after the first is due after each, a day apart: as if it had been worked out at each signature. */
function spreadDue(dataDir) {
  const db = new SQLite(join(dataDir, 'nimble-anchor.sqlite'))
  db.exec(`INSERT OR IGNORE INTO "due" SELECT f."id", d."itemId", date(d."early", (f."number" % 700) || ' days'), d."item"
    FROM "fitting" f, (SELECT * FROM "due" WHERE "fittingId" = (SELECT "id" FROM "fitting" ORDER BY "number" LIMIT 1)) d`)
  db.exec('DELETE FROM "due_waiting"')
  db.close()
}

async function serve(dataDir) {
  const began = performance.now()
  const child = spawn(process.execPath, [...SERVER, '--port', String(PORT), '--data', dataDir, '--today', today, '--no-copies'], { stdio: ['ignore', 'pipe', 'inherit'] }) // prettier-ignore
  await new Promise((resolve, reject) => {
    child.stdout.on('data', (text) => String(text).includes('Nimble Anchor is at') && resolve())
    child.once('exit', (code) => reject(new Error(`The server ended with ${code}`)))
  })
  const startMs = performance.now() - began
  return {
    startMs,
    async end() {
      child.removeAllListeners('exit')
      const gone = new Promise((r) => child.once('exit', r))
      child.kill()
      await gone
    },
  }
}

async function medianMs(path, times = 15) {
  const taken = []
  for (let i = 0; i < times; i += 1) {
    const began = performance.now()
    const answer = await fetch(`http://127.0.0.1:${PORT}/api/${path}`)
    await answer.arrayBuffer()
    if (!answer.ok) throw new Error(`${path}: ${answer.status}`)
    taken.push(performance.now() - began)
  }
  return taken.toSorted((a, b) => a - b)[Math.floor(times / 2)]
}

async function measure(name, dataDir, perSecond) {
  const file = join(dataDir, 'nimble-anchor.sqlite')
  const server = await serve(dataDir)
  const row = {
    name,
    perSecond,
    startMs: server.startMs,
    searchMs: await medianMs(`logbook?q=${NAMES[3]}&limit=100&offset=0`),
    pageMs: await medianMs('logbook?limit=100&offset=0'),
    chartsMs: await medianMs('logbook/charts', 5),
    todayMs: await medianMs('day'),
    openMs: await medianMs('fittings'),
  }
  await server.end()
  const to = join(dataDir, 'scale-copy')
  mkdirSync(to)
  const began = performance.now()
  await makeCopy(dataDir, to, { now: new Date(), keepDays: 30 })
  row.copyS = (performance.now() - began) / 1000
  rmSync(to, { recursive: true })
  row.megabytes = statSync(file).size / 1e6
  const n = (x, digits = 0) => (x === undefined ? '–' : x.toFixed(digits))
  log(`| ${name} | ${n(row.perSecond)} | ${n(row.megabytes)} | ${n(row.startMs)} | ${n(row.searchMs, 1)} | ${n(row.pageMs, 1)} | ${n(row.chartsMs)} | ${n(row.todayMs, 1)} | ${n(row.openMs, 1)} | ${n(row.copyS, 1)} |`) // prettier-ignore
}

/** Rows alone, with documents of a few bytes: what the tables and their indexes do. */
function bulk(dataDir, count) {
  const db = new SQLite(join(dataDir, 'nimble-anchor.sqlite'))
  db.pragma('foreign_keys=OFF')
  const first = db.prepare('SELECT * FROM "fitting" LIMIT 1').get()
  const small = JSON.stringify({ format: 'nimble-anchor/case', version: 2, today })
  const columns = Object.keys(first)
  const insert = db.prepare(`INSERT INTO "fitting" (${columns.map((c) => `"${c}"`).join(',')}) VALUES (${columns.map(() => '?').join(',')})`) // prettier-ignore
  const child = db.prepare('INSERT OR IGNORE INTO "child" ("id", "body", "familyId") VALUES (?, ?, ?)')
  const [family] = db.prepare('SELECT "id" FROM "family"').pluck().all()
  const search = db.prepare('INSERT INTO "fitting_search" (rowid, text) VALUES (?, ?)')
  const fault = db.prepare('INSERT INTO "fitting_fault" ("fittingId", "ruleId", "at", "onArrival") VALUES (?, ?, ?, 0)')
  const day = Date.parse(`${today}T09:00:00Z`)
  const have = db.prepare('SELECT max("number") FROM "fitting"').pluck().get()
  db.exec('BEGIN')
  for (let i = have + 1; i <= count; i += 1) {
    // Ten years of it.
    const at = new Date(day - ((count - i) * (10 * 365.25 * 86_400_000)) / count).toISOString()
    const id = `00000000-0000-4000-8000-${String(i).padStart(12, '0')}`
    const name = `${NAMES[i % NAMES.length]} ${NAMES[(i * 7) % NAMES.length]}`
    child.run(`child-${i % 50_000}`, JSON.stringify({ id: `child-${i % 50_000}`, name }), family)
    insert.run(...columns.map((c) => ({ id, number: i, createdAt: at, updatedAt: at, childName: name, childId: `child-${i % 50_000}`, initial: small, current: small })[c] ?? first[c])) // prettier-ignore
    search.run(i, `${name} ${first.vehicleName} ${first.restraintName}`)
    if (i % 3 === 0) fault.run(id, 'slack-mm', at)
  }
  db.exec('COMMIT')
  db.close()
  spreadDue(dataDir)
  return small.length
}

// A folder that is there already, as it is.
if (values.measure !== undefined) {
  await measure('that folder', values.measure)
  process.exit(0)
}
const dataDir = mkdtempSync(join(tmpdir(), 'nimble-anchor-scale-'))
try {
  log(
    '| signed fittings | stored a second | file, MB | start, ms | search, ms | page, ms | charts, ms | day, ms | newest, ms | copy, s |',
  )
  log('| --- | --- | --- | --- | --- | --- | --- | --- | --- | --- |')
  let have = 0
  for (const size of values.sizes
    .split(',')
    .map(Number)
    .toSorted((a, b) => a - b)) {
    const perSecond = await fill(dataDir, have, size)
    have = size
    await measure(size.toLocaleString('en'), dataDir, perSecond)
  }
  const count = Number(values.bulk)
  if (count > 0) {
    const other = mkdtempSync(join(tmpdir(), 'nimble-anchor-scale-'))
    await fill(other, 0, 1)
    const bytes = bulk(other, count)
    await measure(`${count.toLocaleString('en')}, rows with documents of ${bytes} bytes`, other)
    rmSync(other, { recursive: true })
  }
} finally {
  rmSync(dataDir, { recursive: true, force: true })
}
