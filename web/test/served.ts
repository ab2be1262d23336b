import type { Case } from '@nimble-anchor/core/casefile'
import { TODAY } from '@nimble-anchor/core/testing'
import { MemoryServer, type Request } from '@nimble-anchor/core/testing/memory-server'
import type { JobContext } from '@nimble-anchor/core/aftercare'

/** The line between the page and its server: it can be cut, slow, and lose answers on the way back. */
interface Line {
  isUp: boolean
  /** The program fails on entries of this path. */
  failsOn: string | undefined
  losesAnswers: number
  /** Answers wait for this. */
  gate: Promise<void> | undefined
  /** Requests that are being answered. */
  inFlight: number
}

const answered = (status: number, body: unknown): Response =>
  ({ ok: status < 400, status, json: async () => JSON.parse(JSON.stringify(body)) as unknown }) as Response

/**
 * A server in memory behind `fetch`, the one that is held to the contract of the real one, with these fittings in it.
 */
export function serve(
  cases: Readonly<Record<string, Case>>,
  contextOf?: (unitId: string) => JobContext | undefined,
): { readonly server: MemoryServer; readonly line: Line } {
  const server = new MemoryServer(TODAY, contextOf)
  for (const [id, c] of Object.entries(cases)) server.put(id, c)
  const line: Line = { isUp: true, failsOn: undefined, losesAnswers: 0, gate: undefined, inFlight: 0 }
  const respond = async (url: RequestInfo | URL, init: RequestInit = {}): Promise<Response> => {
    const method = init.method === 'GET' || init.body == null ? 'GET' : 'POST'
    const path = String(url as string).replace(/^\/api\//, '')
    const body = init.body == null ? undefined : (JSON.parse(init.body as string) as unknown)
    const isShort = (init.headers as Record<string, string> | undefined)?.prefer === 'return=minimal'
    await line.gate
    if (!line.isUp) throw new TypeError('Failed to fetch')
    const puts = (body as { readonly puts?: readonly { readonly path: readonly string[] }[] } | undefined)?.puts ?? []
    if (puts.some((p) => p.path.join('.') === line.failsOn))
      return answered(500, { message: 'Something in the program failed.' })
    const { status, body: said } = server.ask({ method, path, body, isShort } satisfies Request)
    if (status < 400 && method === 'POST' && line.losesAnswers-- > 0) throw new TypeError('Connection lost')
    return answered(status, said)
  }
  global.fetch = jest.fn(async (url: RequestInfo | URL, init?: RequestInit) => {
    line.inFlight += 1
    try {
      return await respond(url, init)
    } finally {
      line.inFlight -= 1
    }
  }) as typeof fetch
  return { server, line }
}
