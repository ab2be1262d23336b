/** What is turned away before anything looks at it: who may ask, and what shape a body may have. */

interface Asked {
  readonly method?: string
  readonly headers: Readonly<Record<string, string | string[] | undefined>>
  readonly rawHeaders?: readonly string[]
  readonly body?: unknown
}
interface Answer {
  status(code: number): { json(body: object): void }
  setHeader(name: string, value: string): void
}
type Next = () => void

const refuse = (res: Answer, statusCode: number, message: string, faults?: readonly object[]): void =>
  res.status(statusCode).json({ statusCode, message, ...(faults && { faults }) })

const LOOPBACK_HOST = /^(127\.0\.0\.1|localhost|\[::1\])(:\d+)?$/

/**
 * Answers only requests addressed to this machine by name. Without it a page
 * from elsewhere could point its own name at the loopback address and read
 * children's data through the fitter's browser. A request with two names is
 * read differently by different programs, and by none here.
 */
export function onlyForThisMachine(req: Asked, res: Answer, next: Next): void {
  const names = (req.rawHeaders ?? []).filter((text, i) => i % 2 === 0 && text.toLowerCase() === 'host').length
  if (names > 1) return refuse(res, 400, 'The request names two hosts.')
  if (LOOPBACK_HOST.test(String(req.headers.host ?? ''))) return next()
  refuse(res, 403, 'This server answers only on the loopback address of its machine.')
}

const READING = new Set(['GET', 'HEAD', 'OPTIONS'])

/**
 * Whatever changes something comes from this server's own pages, or from a
 * program that is no browser. A page of another origin, port included, is told no.
 */
export function onlyFromOwnPages(req: Asked, res: Answer, next: Next): void {
  if (READING.has(req.method ?? '')) return next()
  const { origin, host } = req.headers
  const site = req.headers['sec-fetch-site']
  const isForeign =
    origin === undefined
      ? site !== undefined && site !== 'same-origin' && site !== 'none'
      : origin !== `http://${String(host)}`
  if (isForeign) return refuse(res, 403, 'Only pages of this server may change anything here.')
  next()
}

/** Answers hold children's data: no browser keeps them, and erasing leaves nothing in its cache. */
export function notKept(_req: Asked, res: Answer, next: Next): void {
  res.setHeader('Cache-Control', 'no-store')
  next()
}

/** No document of this program is nested deeper than half of this. */
const MOST_DEPTH = 32
/** Names that mean something to every object of the language: no format has such a field. */
const NEVER_FIELDS = new Set([
  '__proto__',
  'constructor',
  'prototype',
  'toString',
  'toJSON',
  'valueOf',
  'hasOwnProperty',
])

/** The first thing in a document that no format can have, and where; walked without recursion, whatever its depth. */
export function oddityIn(document: unknown): { readonly path: string; readonly message: string } | undefined {
  const open: [value: unknown, path: string, depth: number][] = [[document, '$', 0]]
  for (let at = open.pop(); at !== undefined; at = open.pop()) {
    const [value, path, depth] = at
    if (typeof value !== 'object' || value === null) continue
    if (depth >= MOST_DEPTH) return { path: path.slice(0, 80), message: `is nested deeper than ${MOST_DEPTH}` }
    if (Array.isArray(value)) {
      value.forEach((item, i) => open.push([item, `${path}[${i}]`, depth + 1]))
      continue
    }
    for (const key of Object.keys(value)) {
      if (NEVER_FIELDS.has(key)) return { path: `${path}.${key}`.slice(0, 160), message: 'is not a known field' }
      open.push([(value as Record<string, unknown>)[key], `${path}.${key}`, depth + 1])
    }
  }
  return undefined
}

export function onlyPlainBodies(req: Asked, res: Answer, next: Next): void {
  const odd = oddityIn(req.body)
  if (odd) return refuse(res, 400, 'Nothing was saved.', [odd])
  next()
}
