/** What is turned away before anything looks at it: who may ask, and what shape a body may have. */

import { splitHost, type Transport } from '../net/transport'

interface Asked {
  readonly method?: string
  readonly headers: Readonly<Record<string, string | string[] | undefined>>
  readonly rawHeaders?: readonly string[]
  readonly body?: unknown
  readonly socket?: { readonly localPort?: number | undefined }
}
interface Answer {
  status(code: number): { json(body: object): void }
  setHeader(name: string, value: string): void
}
type Next = () => void

const refuse = (res: Answer, statusCode: number, message: string, faults?: readonly object[]): void =>
  res.status(statusCode).json({ statusCode, message, ...(faults && { faults }) })

/**
 * Answers only requests that call this server by one of its own names, and by
 * the port that they came in on. Without it a page from elsewhere could point
 * its own name at this address and read children's data through the fitter's
 * browser. A request with two names is read differently by different programs,
 * and by none here.
 */
export const onlyByOwnName =
  ({ scheme, names, isBehindProxy, isBeyond }: Transport) =>
  (req: Asked, res: Answer, next: Next): void => {
    const given = (req.rawHeaders ?? []).filter((text, i) => i % 2 === 0 && text.toLowerCase() === 'host').length
    if (given > 1) return refuse(res, 400, 'The request names two hosts.')
    const called = splitHost(String(req.headers.host ?? ''), scheme)
    const isOwn =
      called !== undefined &&
      names.has(called.name) &&
      (isBehindProxy || req.socket?.localPort === undefined || called.port === req.socket.localPort)
    if (isOwn) return next()
    refuse(
      res,
      403,
      isBeyond
        ? 'This server does not answer to that name. Call it by the address that it was started with.'
        : 'This server answers only on the loopback address of its machine.',
    )
  }

const READING = new Set(['GET', 'HEAD', 'OPTIONS'])
/** Of a page of ours, typed or from a bookmark; older browsers do not say. */
const OWN_SITE = new Set([undefined, 'same-origin', 'none'])

/**
 * Whatever changes something comes from this server's own pages, or from a
 * program that is no browser. A page of another origin, port included, is told
 * no; and what is read is read by our own pages too: another site, or another
 * port of this machine to which the browser would give our cookie, gets nothing.
 */
export const onlyFromOwnPages =
  ({ scheme }: Transport) =>
  (req: Asked, res: Answer, next: Next): void => {
    const { origin, host } = req.headers
    const site = req.headers['sec-fetch-site'] as string | undefined
    if (READING.has(req.method ?? '')) {
      // A link from elsewhere leads to our pages; only what they ask for by program is guarded.
      const isAsked = String((req as { url?: string }).url ?? '').startsWith('/api')
      if (isAsked && !OWN_SITE.has(site))
        return refuse(res, 403, 'Only pages of this server may ask for anything here.')
      return next()
    }
    const isForeign = origin === undefined ? !OWN_SITE.has(site) : origin !== `${scheme}://${String(host)}`
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
