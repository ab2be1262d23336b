import type { Transport } from '../net/transport'
import type { Asking } from './caller'
import { tokenIn } from './cookie'
import type { Sessions } from './sessions.service'

interface Asked extends Asking {
  readonly headers: { readonly cookie?: string | undefined; readonly [name: string]: string | string[] | undefined }
  readonly socket: { readonly localPort?: number | undefined }
}

/** The header of what a page asks for by itself: it keeps no device from locking. */
const BY_ITSELF = 'x-by-itself'

/** Finds out who asks, once a request. */
export const identify =
  (sessions: Sessions, transport: Transport) =>
  (req: Asked, _res: unknown, next: () => void): void => {
    req.caller = sessions.identify(tokenIn(req, transport), req.headers[BY_ITSELF] === undefined)
    next()
  }
