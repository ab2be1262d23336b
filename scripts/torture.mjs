// `npm run torture [-- --rounds 40 --requests 10000 --seed 1]`: power cuts, a full disk, two devices on one fitting, and
// requests of chance at every operation. Loopback only, on folders of its own. Prints what each found, and ends with 1
// when anything acknowledged is gone, a request was answered by 5xx or hung, or memory did not come back.
import { execFileSync, spawn } from 'node:child_process'
import { randomUUID } from 'node:crypto'
import { mkdtempSync, rmSync } from 'node:fs'
import { createServer } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { parseArgs } from 'node:util'
import { ensureBuilt } from './build.mjs'
import { ensureInstalled } from './lib/ensure.mjs'
import { SERVER } from './lib/engine.mjs'
import { exampleCase } from './lib/example.mjs'
import { fuzz } from './lib/fuzz.mjs'
import { ROOT, say, stop } from './lib/run.mjs'

const { values } = parseArgs({
  options: {
    rounds: { type: 'string', default: '30' },
    requests: { type: 'string', default: '10000' },
    seed: { type: 'string', default: '1' },
  },
})
const ROUNDS = Number(values.rounds)
const REQUESTS = Number(values.requests)
if (!Number.isInteger(REQUESTS) || REQUESTS < 0 || REQUESTS > 1_000_000) stop('--requests must be a whole number from 0 to 1000000.', 2) // prettier-ignore
if (!Number.isInteger(ROUNDS) || ROUNDS < 1 || ROUNDS > 1000) stop('--rounds must be a whole number from 1 to 1000.', 2)

ensureInstalled()
ensureBuilt()
const core = await import(`${ROOT}/core/dist/index.js`)
const example = exampleCase(core)

/** The same cuts for the same seed: mulberry32. */
let state = Number(values.seed) >>> 0
function random() {
  state = (state + 0x6d2b79f5) >>> 0
  let t = Math.imul(state ^ (state >>> 15), 1 | state)
  t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t
  return ((t ^ (t >>> 14)) >>> 0) / 4294967296
}

async function freePort() {
  const probe = createServer().listen(0, '127.0.0.1')
  await new Promise((r) => probe.once('listening', r))
  const { port } = probe.address()
  await new Promise((r) => probe.close(r))
  return port
}
const port = await freePort()
const running = new Set()
process.on('exit', () => running.forEach((child) => child.kill('SIGKILL')))

async function serve(dataDir, ...more) {
  const child = spawn(
    process.execPath,
    [
      '--expose-gc',
      '--import',
      `${ROOT}/scripts/lib/heap.mjs`,
      ...SERVER,
      '--port',
      `${port}`,
      '--data',
      dataDir,
      ...(more.length > 0 ? more : ['--no-demo']),
    ],
    { stdio: ['ignore', 'pipe', 'pipe', 'ipc'] },
  )
  running.add(child)
  const gone = new Promise((r) => child.once('exit', r)).finally(() => running.delete(child))
  let text = ''
  await new Promise((resolve, reject) => {
    const read = (chunk) => {
      text += chunk
      if (text.includes('Nimble Anchor is at')) resolve()
    }
    child.stdout.on('data', read)
    child.stderr.on('data', read)
    void gone.then((code) => reject(new Error(`The server ended with ${code}: ${text}`)))
  })
  return {
    /** Memory held once what nobody needs is let go of, MB. */
    heapMb: () =>
      new Promise((resolve) => {
        child.once('message', ({ heapMb }) => resolve(heapMb))
        child.send('heap')
      }),
    kill: (signal) => (child.kill(signal), gone),
    isUp: () => child.exitCode === null && child.signalCode === null,
  }
}

async function api(path, body) {
  const answered = await fetch(
    `http://127.0.0.1:${port}/api/${path}`,
    body && { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) },
  )
  return { status: answered.status, body: await answered.json().catch(() => undefined) }
}

let acknowledged = 0
const lost = []

/** Writers on several fittings at once, cut off at a moment of chance; then every acknowledged entry is looked for. */
async function powerCuts(dataDir) {
  const FITTINGS = 4
  let server = await serve(dataDir)
  const fittings = []
  for (let i = 0; i < FITTINGS; i += 1) {
    const child = { ...example.child, id: `c-${i}`, name: `Child ${i}` }
    fittings.push((await api('fittings/import', { ...example, child })).body)
  }
  const kept = new Map(fittings.map((f) => [f.id, new Set()]))
  const next = new Map(fittings.map((f) => [f.id, f.sequence]))
  let entry = 0
  async function write(id) {
    for (;;) {
      const who = `entry ${(entry += 1)}`
      const puts = [{ path: ['child', 'note'], value: `${who} ${'x'.repeat(Math.floor(random() * 400))}` }]
      const { status, body } = await api(`fittings/${id}/entries`, {
        id: randomUUID(),
        baseSequence: next.get(id),
        who,
        puts,
      })
      if (status === 200) {
        next.set(id, body.sequence)
        kept.get(id).add(who)
        acknowledged += 1
      } else throw new Error(`status ${status}`)
    }
  }
  for (let round = 1; round <= ROUNDS; round += 1) {
    const cut = setTimeout(() => void server.kill('SIGKILL'), 50 + random() * 700)
    await Promise.all(fittings.map((f) => write(f.id).catch(() => undefined)))
    clearTimeout(cut)
    await server.kill('SIGKILL')
    server = await serve(dataDir)
    for (const { id } of fittings) {
      const found = new Set((await api(`fittings/${id}/history`)).body.map((e) => e.who))
      for (const who of kept.get(id)) if (!found.has(who)) lost.push(`${who} of ${id}, after cut ${round}`)
      next.set(id, (await api(`fittings/${id}`)).body.sequence)
    }
    if (round % 10 === 0) say(`${round} power cuts, ${acknowledged} acknowledged, ${lost.length} lost`)
  }
  await server.kill('SIGTERM')
}

/** Imports until the disk is full and on; then what was acknowledged is looked for, in the same run and the next. */
async function fullDisk(dataDir) {
  let server = await serve(dataDir)
  const ids = []
  let refused = 0
  for (let i = 0; i < 600 && refused < 40; i += 1) {
    const child = { ...example.child, note: `${i} `.repeat(300) }
    const { status, body } = await api('fittings/import', { ...example, child }).catch(() => ({ status: 0 }))
    if (status === 201) ids.push(body.id)
    else if (status === 507) refused += 1
    else lost.push(`an import was answered ${status} on a full disk`)
    if (!server.isUp()) {
      lost.push('the server died on a full disk')
      break
    }
  }
  acknowledged += ids.length
  const look = async (when) => {
    for (const id of ids) if ((await api(`fittings/${id}`)).status !== 200) lost.push(`import ${id}, ${when}`)
  }
  if (server.isUp()) await look('with the disk full')
  await server.kill('SIGKILL')
  server = await serve(dataDir)
  await look('after a restart')
  await server.kill('SIGTERM')
  say(`full disk: ${ids.length} imports acknowledged, ${refused} refused`)
}

/** Two devices write the same field of one fitting as fast as they can; each is told of the other, and nothing acknowledged is gone. */
async function twoDevices(dataDir) {
  const EACH = 200
  const server = await serve(dataDir)
  const { body: fitting } = await api('fittings/import', example)
  let told = 0
  const device = async (name) => {
    const mine = []
    let base = fitting.sequence
    for (let i = 0; i < EACH; i += 1) {
      const id = randomUUID()
      const puts = [{ path: ['child', 'note'], value: `${name} ${i}` }]
      for (;;) {
        const { status, body } = await api(`fittings/${fitting.id}/entries`, {
          id,
          baseSequence: base,
          who: name,
          puts,
        })
        if (status === 200) {
          base = body.sequence
          mine.push(`${name} ${i}`)
          break
        }
        if (status !== 409) throw new Error(`status ${status}`)
        told += 1
        base = body.current.sequence
      }
    }
    return mine
  }
  const kept = (await Promise.all([device('phone'), device('desk')])).flat()
  acknowledged += kept.length
  const written = new Set((await api(`fittings/${fitting.id}/history`)).body.flatMap((e) => e.changes.map((c) => c.to)))
  for (const note of kept) if (!written.has(note)) lost.push(`${note}, of two devices`)
  await server.kill('SIGTERM')
  say(`two devices: ${kept.length} acknowledged, told of the other ${told} times`)
}

/** Memory may stand this much higher after all of it: compiled code, and what is remembered of days and statements. */
const RESERVE_MB = 30

async function requestsOfChance(dataDir) {
  const server = await serve(dataDir, '--today', '2026-11-25')
  const base = `http://127.0.0.1:${port}`
  const { bad, statuses, slowest, beforeMb, afterMb } = await fuzz({ base, heapMb: server.heapMb, random, example, count: REQUESTS, progress: say }) // prettier-ignore
  if (!server.isUp()) lost.push('the server died under requests of chance')
  await server.kill('SIGTERM')
  const counts = Object.entries(statuses).map(([status, n]) => `${n} × ${status}`).join(', ') // prettier-ignore
  say(
    `requests of chance: ${REQUESTS} (${counts}); slowest ${slowest} ms; memory ${beforeMb} MB, after it ${afterMb} MB`,
  )
  for (const what of bad) lost.push(what)
  if (afterMb > beforeMb + RESERVE_MB) lost.push(`memory went from ${beforeMb} to ${afterMb} MB`)
}

function smallDisk() {
  const disk = mkdtempSync(join(tmpdir(), 'nimble-anchor-disk-'))
  try {
    execFileSync('mount', ['-t', 'tmpfs', '-o', 'size=3m', 'tmpfs', disk], { stdio: 'ignore' })
    return { disk, end: () => execFileSync('umount', [disk]) }
  } catch {
    rmSync(disk, { recursive: true, force: true })
    return undefined
  }
}

const data = mkdtempSync(join(tmpdir(), 'nimble-anchor-torture-'))
let rounds = ROUNDS
try {
  await powerCuts(data)
} finally {
  rmSync(data, { recursive: true, force: true })
}
for (const work of [twoDevices, ...(REQUESTS > 0 ? [requestsOfChance] : [])]) {
  const folder = mkdtempSync(join(tmpdir(), 'nimble-anchor-torture-'))
  try {
    await work(folder)
  } finally {
    rmSync(folder, { recursive: true, force: true })
  }
}
const small = smallDisk()
if (small) {
  try {
    await fullDisk(join(small.disk, 'data'))
    rounds += 1
  } finally {
    small.end()
    rmSync(small.disk, { recursive: true, force: true })
  }
} else say('full disk: left out, no small disk can be mounted here')

for (const what of lost.slice(0, 20)) console.error(`wrong: ${what}`)
console.log(`${rounds} rounds, ${acknowledged} acknowledged, ${lost.length} lost`)
process.exit(lost.length > 0 ? 1 : 0)
