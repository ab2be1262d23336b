import { readFileSync } from 'node:fs'
import { isLoopback, LOOPBACK, namesOf, type Transport } from './transport'

/** What the command line says of how the server is reached. */
export interface NetOptions {
  readonly host?: string | undefined
  readonly name?: readonly string[] | undefined
  readonly 'tls-cert'?: string | undefined
  readonly 'tls-key'?: string | undefined
  readonly 'make-certificate'?: boolean | undefined
  readonly 'behind-proxy'?: boolean | undefined
  readonly insecure?: boolean | undefined
}

export interface Net {
  readonly address: string
  readonly transport: Transport
  readonly tls: 'none' | 'given' | 'own'
}

/** An option that cannot be so; said to whoever starts it. */
export class NetFault extends Error {}

const NAME = /^[a-z0-9]([a-z0-9.-]{0,251}[a-z0-9])?$/i

/**
 * How the server is to be reached, or why that is not done.
 * @throws NetFault
 */
export function netFrom(o: NetOptions): Net {
  const address = o.host ?? '127.0.0.1'
  const names = o.name ?? []
  const bad = names.find((n) => !NAME.test(n))
  if (bad !== undefined) throw new NetFault(`--name must be a host name without a port, got "${bad}"`)
  if ((o['tls-cert'] === undefined) !== (o['tls-key'] === undefined))
    throw new NetFault('--tls-cert and --tls-key go together.')
  const ways = [o['tls-cert'] !== undefined, o['make-certificate'] === true, o['behind-proxy'] === true, o.insecure === true] // prettier-ignore
  if (ways.filter(Boolean).length > 1)
    throw new NetFault('Give one of --tls-cert with --tls-key, --make-certificate, --behind-proxy, --insecure.')
  const isBehindProxy = o['behind-proxy'] === true
  if (isBehindProxy && names.length === 0)
    throw new NetFault('--behind-proxy needs --name: the name by which the proxy is called.')
  const tls = o['tls-cert'] !== undefined ? 'given' : o['make-certificate'] === true ? 'own' : 'none'
  const isBeyond = !isLoopback(address) || isBehindProxy
  if (isBeyond && tls === 'none' && !isBehindProxy && o.insecure !== true)
    throw new NetFault(
      `--host ${address} is beyond this machine, and needs encryption: --make-certificate, --tls-cert with --tls-key, or --behind-proxy. ` +
        'Without it anybody on the network reads along; --insecure takes that risk, and says so on every page.',
    )
  if (!isBeyond && tls === 'none' && names.length === 0) return { address, transport: LOOPBACK, tls }
  return {
    address,
    tls,
    transport: {
      scheme: tls === 'none' && !isBehindProxy ? 'http' : 'https',
      names: new Set([...namesOf(address, names), ...(isLoopback(address) ? LOOPBACK.names : [])]),
      isBeyond,
      isBehindProxy,
    },
  }
}

export function readTls(o: NetOptions): { readonly cert: string; readonly key: string } {
  try {
    return { cert: readFileSync(String(o['tls-cert']), 'utf8'), key: readFileSync(String(o['tls-key']), 'utf8') }
  } catch (error) {
    throw new NetFault(`The certificate or its key could not be read: ${(error as Error).message}`)
  }
}
