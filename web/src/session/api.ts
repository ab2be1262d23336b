import type { Catalogue, Fault, FittingSummary, FittingView, HistoryEntry, Put } from '@nimble-anchor/core'

/** The server said no: it names the faults, or (409) shows what stands there now. */
export class Refused extends Error {
  readonly statusCode: number
  readonly faults: readonly Fault[]
  readonly current: FittingView | undefined
  constructor(statusCode: number, message: string, faults: readonly Fault[], current: FittingView | undefined) {
    super(message)
    this.statusCode = statusCode
    this.faults = faults
    this.current = current
  }
}
/** The server did not answer; the same request may succeed later. */
export class Unreachable extends Error {}

async function call<T>(path: string, body?: unknown): Promise<T> {
  let response: Response
  try {
    response = await fetch(`/api/${path}`, {
      method: body === undefined ? 'GET' : 'POST',
      ...(body !== undefined && { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) }),
    })
  } catch {
    throw new Unreachable('The server does not answer.')
  }
  if (response.status >= 500) throw new Unreachable('The server could not do that just now.')
  const data: unknown = await response.json().catch(() => ({}))
  if (response.ok) return data as T
  const refused = data as { message?: string; faults?: Fault[]; current?: FittingView }
  throw new Refused(
    response.status,
    refused.message ?? 'The server refused this.',
    refused.faults ?? [],
    refused.current,
  )
}

export const api = {
  health: () => call<{ today: string }>('health'),
  catalogue: () => call<Catalogue>('catalogue'),
  fittings: () => call<readonly FittingSummary[]>('fittings'),
  fitting: (id: string) => call<FittingView>(`fittings/${id}`),
  history: (id: string) => call<readonly HistoryEntry[]>(`fittings/${id}/history`),
  create: (childId: string, vehicleId?: string) =>
    call<FittingView>('fittings', { childId, ...(vehicleId !== undefined && { vehicleId }) }),
  importCatalogue: (file: Catalogue) => call<readonly unknown[]>('catalogue/import', file),
  importCase: (file: unknown) => call<FittingView>('fittings/import', file),
  enter: (id: string, baseSequence: number, who: string, puts: readonly Put[]) =>
    call<FittingView>(`fittings/${id}/entries`, { baseSequence, who, puts }),
  undo: (id: string, baseSequence: number, who: string) =>
    call<FittingView>(`fittings/${id}/undo`, { baseSequence, who }),
  sign: (id: string, baseSequence: number, who: string, carerName: string) =>
    call<FittingView>(`fittings/${id}/sign`, { baseSequence, who, carerName }),
}
