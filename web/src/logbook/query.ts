import { ROUTE_KINDS } from '@nimble-anchor/core/restraint'
import { VERDICT_TEXT, type Verdict } from '@nimble-anchor/core/verdict'

/** What the logbook is asked: kept in the address, so that a search can be sent and gone back to. */
export interface LogbookQuery {
  readonly q: string
  readonly status: '' | 'open' | 'signed'
  readonly verdict: '' | Verdict
  readonly route: string
  readonly modelId: string
  readonly vehicleId: string
  /** One piece on the shelf: asked from its unit, and taken off with everything else. */
  readonly unitId: string
  readonly from: string
  readonly to: string
  readonly withFaults: boolean
  /** A check that failed on the way, by its rule. */
  readonly fault: string
}

export const EMPTY_QUERY: LogbookQuery = { q: '', status: '', verdict: '', route: '', modelId: '', vehicleId: '', unitId: '', from: '', to: '', withFaults: false, fault: '' } // prettier-ignore
const DAY = /^\d{4}-\d{2}-\d{2}$/

/** Reads an address that somebody may have typed: what makes no sense is left out. */
export function queryOf(params: URLSearchParams): LogbookQuery {
  const get = (key: string): string => params.get(key) ?? ''
  const oneOf = <T extends string>(key: string, allowed: readonly T[]): T | '' =>
    allowed.find((a) => a === get(key)) ?? ''
  const dayOf = (key: string): string => (DAY.test(get(key)) ? get(key) : '')
  return {
    q: get('q').slice(0, 200),
    status: oneOf('status', ['open', 'signed']),
    verdict: oneOf('verdict', Object.keys(VERDICT_TEXT) as Verdict[]),
    route: oneOf('route', Object.keys(ROUTE_KINDS)),
    modelId: get('modelId').slice(0, 64),
    vehicleId: get('vehicleId').slice(0, 64),
    unitId: get('unitId').slice(0, 64),
    from: dayOf('from'),
    to: dayOf('to'),
    withFaults: get('withFaults') === 'true',
    fault: get('fault').slice(0, 64),
  }
}

export function paramsOf(query: LogbookQuery): URLSearchParams {
  const params = new URLSearchParams()
  for (const [key, value] of Object.entries(query)) {
    if (value === '' || value === false) continue
    params.set(key, String(value))
  }
  return params
}
export const isFiltered = (query: LogbookQuery): boolean => paramsOf(query).size > 0
