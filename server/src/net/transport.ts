import { hostname, networkInterfaces } from 'node:os'

/** How this server is reached: a parameter of every check of names and origins. */
export interface Transport {
  /** As the browser sees it, also where a proxy before it does the encrypting. */
  readonly scheme: 'http' | 'https'
  /** Names and addresses by which it may be called, without ports; lower case, IPv6 in brackets. */
  readonly names: ReadonlySet<string>
  /** Whether other machines reach it. */
  readonly isBeyond: boolean
  /** A proxy stands before it: the port in the name that was called is the proxy's. */
  readonly isBehindProxy: boolean
}

export const LOOPBACK_NAMES = ['127.0.0.1', 'localhost', '[::1]']
export const LOOPBACK: Transport = {
  scheme: 'http',
  names: new Set(LOOPBACK_NAMES),
  isBeyond: false,
  isBehindProxy: false,
}
export const isInsecure = (t: Transport): boolean => t.isBeyond && t.scheme === 'http'

export const isLoopback = (address: string): boolean =>
  address === 'localhost' || address === '::1' || /^127(\.\d{1,3}){3}$/.test(address)
const inBrackets = (address: string): string => (address.includes(':') ? `[${address}]` : address).toLowerCase()

/** The names of whoever listens on an address: itself, or all of this machine's where it listens on all. */
export function namesOf(address: string, more: readonly string[]): ReadonlySet<string> {
  const isAny = address === '0.0.0.0' || address === '::'
  const own = isAny ? Object.values(networkInterfaces()).flatMap((all) => (all ?? []).map((i) => i.address)) : [address]
  const machine = hostname().toLowerCase()
  const named = isAny ? [machine, `${machine}.local`] : []
  return new Set([
    ...own.map(inBrackets),
    ...named,
    ...more.map((n) => n.toLowerCase()),
    ...(isAny ? LOOPBACK_NAMES : []),
  ])
}

const PORT_OF = { http: 80, https: 443 } as const

/** "name:port" as its two parts, the port as it is meant where none is said. */
export function splitHost(
  host: string,
  scheme: 'http' | 'https',
): { readonly name: string; readonly port: number } | undefined {
  const at = /^(\[[0-9a-f:.]+\]|[^:[\]@/\s]+)(?::(\d{1,5}))?$/i.exec(host)
  return at?.[1] === undefined ? undefined : { name: at[1].toLowerCase(), port: at[2] === undefined ? PORT_OF[scheme] : Number(at[2]) } // prettier-ignore
}
