// Requests of chance at every operation that the API describes: none may be answered by 5xx or hang, and memory comes back.
/* global AbortSignal */
import { randomUUID } from 'node:crypto'

/** Longer than this a request hangs, ms. */
const HANGS_MS = 5000

/** What breaks programs: each stands anywhere in a body, a query or an address. */
const nasties = (random) => [
  null, true, false, 0, -1, 1e308, 1e-308, 0.1 + 0.2, 2 ** 53, '', ' ', 'x'.repeat(5000), '\u0000', '\ud800', '=1+1', '../../etc',
  "'; DROP TABLE fitting; --", '0000-01-01', '9999-12-31', '2026-02-30', '2026-11-25', '2026-11-25T10:00:00Z', 'NaN', '[]', '{}',
  [], {}, [[]], [null], [[[[[[[]]]]]]], { toString: 1 }, { length: 1e9 }, { $ref: '#' }, { '': '' }, [{ path: ['child'] }],
  { value: 10, source: 'measured' }, { from: 5, to: 1, source: 'told' }, Array.from({ length: 300 }, () => 'a'),
  randomUUID(), 'tamsin-hale', 'ravel-sheepshank', 'corran-dunlin', 'isofix-leg', 1_000_000, 1_000_001, Math.floor(random() * 1e6),
] // prettier-ignore

const text = (x) => (typeof x === 'string' ? x : JSON.stringify(x))
const pick = (random, list) => list[Math.floor(random() * list.length)]

/** The document with some of its leaves, fields or branches replaced, taken away or doubled. */
function spoil(random, x, depth = 0) {
  const roll = random()
  if (roll < 0.04) return pick(random, nasties(random))
  if (depth > 40) return x
  if (Array.isArray(x)) {
    const some = x.map((item) => spoil(random, item, depth + 1))
    if (random() < 0.05) some.push(pick(random, nasties(random)))
    return random() < 0.03 ? [...some, ...some] : some
  }
  if (typeof x !== 'object' || x === null) return roll < 0.08 ? pick(random, nasties(random)) : x
  const entries = Object.entries(x).flatMap(([key, value]) =>
    random() < 0.03 ? [] : [[random() < 0.01 ? `${key}x` : key, spoil(random, value, depth + 1)]],
  )
  if (random() < 0.03) entries.push([pick(random, ['__proto__', 'constructor', 'x', 'at', 'id']), pick(random, nasties(random))]) // prettier-ignore
  return Object.fromEntries(entries)
}

/** Bodies that are nearly right, by the last words of the path that takes them. */
function bodiesFor({ example, catalogue, ids }) {
  const put = { path: ['child', 'massKg'], value: { value: 10.4, plusMinus: 0.1, source: 'measured' } }
  const visit = { day: '2026-11-25', time: '10:20', who: 'Hale', note: '', isWalkIn: false, state: 'expected', childId: null, vehicleId: null, fittingId: null } // prettier-ignore
  return {
    '/api/fittings': { childId: 'tamsin-hale', vehicleId: 'corran-dunlin' },
    entries: { baseSequence: 0, id: randomUUID(), who: 'x', puts: [put, { path: ['settings', 'legNotch'], value: { value: 5 } }] }, // prettier-ignore
    undo: { baseSequence: 1, who: 'x' },
    sign: { baseSequence: 1, who: 'x', carerName: 'y', againstAdvice: { reason: 'a', said: 'b' } },
    import: example,
    assess: example,
    '/api/catalogue/import': { ...catalogue, models: catalogue.models.slice(0, 2), units: catalogue.units.slice(0, 3) },
    visits: visit,
    jobs: { unitId: 'u-sheepshank-1', kind: 'wash', who: 'x' },
    erased: { ids },
    rechecks: { who: 'x', answers: { connectors: 'yes' } },
    defaults: { profileId: 'rearward-longest', localRuleId: 'to-150-or-12' },
  }
}

/** Asks `count` times; says what was answered, and every answer that must not be. */
export async function fuzz({ base, heapMb, random, example, count, progress }) {
  const json = async (path) => (await fetch(`${base}${path}`)).json()
  const { paths } = await json('/api/docs-json')
  const catalogue = await json('/api/catalogue')
  const fittings = (await json('/api/fittings')).map((f) => f.id)
  const operations = Object.entries(paths).flatMap(([path, methods]) =>
    Object.entries(methods).map(([method, { parameters = [] }]) => ({
      path,
      method: method.toUpperCase(),
      parameters,
    })),
  )
  const bodies = bodiesFor({ example, catalogue, ids: fittings })
  const near = (path) => bodies[path] ?? bodies[path.split('/').findLast((part) => bodies[part] !== undefined)] ?? {}
  const bad = []
  const statuses = {}
  let slowest = 0
  const ask = async () => {
    const { path, method, parameters } = pick(random, operations)
    const id = () => text(random() < 0.6 ? pick(random, [...fittings, 'tamsin-hale', 'u-sheepshank-1', 'ravel-sheepshank']) : pick(random, nasties(random))) // prettier-ignore
    const address = path.replace(
      /\{\w+\}/g,
      () => encodeURIComponent(wellFormed(id())).replace(/^\.+$/, 'dots') || 'none',
    )
    const query = parameters
      .filter((p) => p.in === 'query' && random() < 0.4)
      .map((p) => `${p.name}=${encodeURIComponent(wellFormed(text(pick(random, nasties(random)))))}`)
      .join('&')
    const isText = random() < 0.05
    const body =
      method === 'GET' ? undefined : isText ? `unit.id,unit.modelId\n${wellFormed(text(pick(random, nasties(random))))},x` : JSON.stringify(spoil(random, near(path))) // prettier-ignore
    const headers = {
      ...(body !== undefined && { 'content-type': isText ? 'text/csv' : 'application/json' }),
      ...(random() < 0.3 && { 'if-match': random() < 0.5 ? '*' : 'abc' }),
    }
    const began = performance.now()
    const status = await fetch(`${base}${address}${query && `?${query}`}`, {
      method,
      headers,
      body,
      signal: AbortSignal.timeout(HANGS_MS),
    })
      // An answer that begins and never ends hangs as well; a stream is meant to, and is hung up on.
      .then(async (r) => {
        if (r.headers.get('content-type')?.startsWith('text/event-stream')) await r.body.cancel()
        else await r.arrayBuffer()
        return r.status
      })
      .catch((error) => (error.name === 'TimeoutError' ? 'hangs' : String(error.cause?.code ?? error.name)))
    slowest = Math.max(slowest, performance.now() - began)
    statuses[status] = (statuses[status] ?? 0) + 1
    if (typeof status !== 'number' || status >= 500)
      bad.push(`${status}: ${method} ${address}${query && `?${query}`} ${(body ?? '').slice(0, 300)}`)
  }
  // Once round to be warm: code, caches and threads come with the first requests.
  for (let i = 0; i < Math.min(1000, count); i += 1) await ask()
  const beforeMb = await heapMb()
  for (let i = Math.min(1000, count); i < count; i += 1) {
    await ask()
    if (i % 2500 === 0) progress(`${i} of ${count} requests, ${bad.length} bad`)
  }
  return { bad, statuses, slowest: Math.round(slowest), beforeMb, afterMb: await heapMb() }
}

/** A text that goes into an address: halves of a pair of code units cannot. */
const wellFormed = (text) => text.slice(0, 300).replace(/[\ud800-\udfff]/g, '')
