import type { FittingView } from '@nimble-anchor/core/formats'
import { fingerprint, type Fault } from '@nimble-anchor/core/ground'
import { confirmed } from './confirm.ts'
import * as msg from './messages.en.ts'

/** How the server is asked: one request, what it may answer instead, and what a page keeps of that. */

/** The server said no: it names the faults, or (409) shows what stands there now. */
export class Refused extends Error {
  readonly statusCode: number
  readonly faults: readonly Fault[]
  readonly current: FittingView | undefined
  /** What has to be said before it can be done: which child a file is about. */
  readonly asks: string | undefined
  /** How a thing stands that somebody else changed meanwhile. */
  readonly standing: unknown
  constructor(
    statusCode: number,
    message: string,
    faults: readonly Fault[],
    current: FittingView | undefined,
    asks?: string,
    standing?: unknown,
  ) {
    super(message)
    this.standing = standing
    this.asks = asks
    this.statusCode = statusCode
    this.faults = faults
    this.current = current
  }
}
/** The server did not answer, or could not store just now; the same request may succeed later. */
class Unreachable extends Error {}
/** The program itself failed on this request: sent again at once it would fail again. */
export class Failed extends Error {}
/** Answers by which a server, or what stands before it, says that it is not there just now. */
const NOT_JUST_NOW = new Set([502, 503, 504, 507])

/** A request that takes long: it may be given up, and under its id the server says how far it is. */
export interface Work {
  readonly id: string
  readonly signal: AbortSignal
}
/** A body that is a spreadsheet, sent as it stands. */
export class CsvText {
  readonly text: string
  constructor(text: string) {
    this.text = text
  }
}

/** A new thing: refused, if somebody else has kept one of that name meanwhile. */
export const NOTHING_SEEN = Symbol(msg.nothingSeen)

interface CallOptions {
  readonly method?: 'GET' | 'POST' | 'PUT' | 'DELETE'
  /** The document as whoever changes it saw it: refused, if it stands otherwise by now. */
  readonly seen?: unknown
  readonly isShort?: boolean
  readonly work?: Work | undefined
  /** Asked for by the page itself: it keeps no device from locking. */
  readonly isByItself?: boolean
}

let signedOut = (): void => undefined
/** Told when the server says that nobody is signed in here any more. */
export function onSignedOut(heard: () => void): void {
  signedOut = heard
}

/** One request; asked for a proof of who sits here, it asks, and goes on once it is given. */
export async function call<T>(path: string, body?: unknown, options: CallOptions = {}): Promise<T> {
  try {
    return await callOnce<T>(path, body, options)
  } catch (error) {
    if (!(error instanceof Refused)) throw error
    if (error.statusCode === 401 && error.asks !== undefined) signedOut()
    // Asked again, and done once it is given; who does not give it has changed nothing.
    if (error.asks !== 'confirm' || path.startsWith('session/confirm') || !(await confirmed())) throw error
    return callOnce<T>(path, body, options)
  }
}

async function callOnce<T>(path: string, body?: unknown, options: CallOptions = {}): Promise<T> {
  const { method = body === undefined ? 'GET' : 'POST', seen, isShort = false, isByItself = false, work } = options
  const asked: Record<string, string> = {
    ...(seen !== undefined && { 'if-match': seen === NOTHING_SEEN ? '*' : `"${fingerprint(seen)}"` }),
    ...(isByItself && { 'x-by-itself': '1' }),
    ...(isShort && { prefer: 'return=minimal' }),
    ...(work && { 'x-work': work.id }),
  }
  let response: Response
  try {
    response = await fetch(`/api/${path}`, {
      method,
      ...(work && { signal: work.signal }),
      ...(body instanceof CsvText
        ? { headers: { 'content-type': 'text/csv', ...asked }, body: body.text }
        : body !== undefined && {
            headers: { 'content-type': 'application/json', ...asked },
            body: JSON.stringify(body),
          }),
    })
  } catch (error) {
    if (work?.signal.aborted) throw error
    throw new Unreachable(msg.theServerDoesNotAnswer)
  }
  const data: unknown = await response.json().catch(() => ({}))
  if (response.status >= 500) {
    const { message } = data as { message?: string }
    // A full disk says so itself.
    if (NOT_JUST_NOW.has(response.status)) throw new Unreachable(message ?? msg.theServerCouldNotDo)
    throw new Failed(message ?? msg.somethingInTheProgramFailed)
  }
  if (response.ok) return data as T
  const refused = data as {
    message?: string
    faults?: Fault[]
    current?: FittingView
    asks?: string
    standing?: unknown
  }
  throw new Refused(
    response.status,
    refused.message ?? msg.theServerRefusedThis,
    refused.faults ?? [],
    refused.current,
    refused.asks,
    refused.standing,
  )
}
