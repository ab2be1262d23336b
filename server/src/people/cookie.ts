import type { Transport } from '../net/transport'

/** The one cookie: the secret of this browser. Its port is in its name, since browsers give a host's cookies to all its ports. */

interface Asked {
  readonly headers: { readonly cookie?: string | undefined }
  readonly socket: { readonly localPort?: number | undefined }
}
interface Answer {
  cookie(name: string, value: string, options: object): unknown
}

const DEVICE_MS = 30 * 24 * 60 * 60_000

const nameOf = (req: Asked, { scheme }: Transport): string =>
  // The browser itself holds a cookie so named to encryption, this host and every path.
  `${scheme === 'https' ? '__Host-' : ''}anchor-${req.socket.localPort ?? 0}`

export function tokenIn(req: Asked, transport: Transport): string | undefined {
  const name = `${nameOf(req, transport)}=`
  const found = (req.headers.cookie ?? '').split(/;\s*/).filter((c) => c.startsWith(name))
  // Two of one name: one of them is not ours, and nobody can say which.
  return found.length === 1 ? found[0]?.slice(name.length) : undefined
}

export function setToken(req: Asked, res: Answer, transport: Transport, token: string): void {
  res.cookie(nameOf(req, transport), token, {
    httpOnly: true,
    sameSite: 'strict',
    secure: transport.scheme === 'https',
    path: '/',
    maxAge: DEVICE_MS,
  })
}
