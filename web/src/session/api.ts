import type { JobKind } from '@nimble-anchor/core/aftercare'
import type { CarerTried, Put } from '@nimble-anchor/core/casefile'
import type { Fault } from '@nimble-anchor/core/ground'
import { fingerprint } from '@nimble-anchor/core/ground'
import type {
  AheadView,
  Catalogue,
  DayView,
  DemoRemoved,
  DemoView,
  FamilySummary,
  FamilyView,
  FittingSummary,
  FittingView,
  GrowthReading,
  HistoryEntry,
  ImportRow,
  JobView,
  LogbookCharts,
  LogbookPage,
  PracticeBook,
  RecheckView,
  RuleCount,
  Stored,
  VisitView,
} from '@nimble-anchor/core/formats'
import type { PracticeProfile } from '@nimble-anchor/core/practice'
import type { LocalRule } from '@nimble-anchor/core/law'
import type { RecheckAnswer } from '@nimble-anchor/core/procedure'

/** Who takes it over, and how; strokes of drawn signatures, where somebody drew one. */
export interface Signing {
  readonly carerName: string
  readonly fitterStrokes?: string
  readonly carerStrokes?: string
  readonly carerTried?: CarerTried
  /** Of a fitting that is not ready: why they leave, and what they were told. */
  readonly againstAdvice?: { readonly reason: string; readonly said: string }
}
/** A child of whom only the name is known yet; it is kept with its first fitting. */
export interface NewChild {
  readonly name: string
  readonly familyName?: string
}
export interface EntryToSend {
  readonly id: string
  readonly base: number
  readonly own: readonly string[]
  readonly who: string
  readonly puts: readonly Put[]
}
export type VisitEntry = Omit<VisitView, 'id' | 'familyId' | 'fitting'> & { readonly fittingId: string | null }
export interface JobBeginning {
  readonly unitId: string
  readonly kind: JobKind
  readonly who: string
  readonly fittingId?: string
  readonly fromModeId?: string
  readonly toModeId?: string
}

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
/** How a file is taken in. */
interface ImportHow {
  readonly isPreview?: boolean
  /** Ids of units of which the file is believed over what the shelf knows. */
  readonly overrule?: readonly string[]
  readonly seen?: unknown
  readonly work?: Work
}

/** A body that is a spreadsheet, sent as it stands. */
export class CsvText {
  readonly text: string
  constructor(text: string) {
    this.text = text
  }
}

/** A new thing: refused, if somebody else has kept one of that name meanwhile. */
export const NOTHING_SEEN = Symbol('nothing seen')

interface CallOptions {
  readonly method?: 'GET' | 'POST' | 'PUT' | 'DELETE'
  /** The document as whoever changes it saw it: refused, if it stands otherwise by now. */
  readonly seen?: unknown
  readonly isShort?: boolean
  readonly work?: Work | undefined
}

async function call<T>(path: string, body?: unknown, options: CallOptions = {}): Promise<T> {
  const { method = body === undefined ? 'GET' : 'POST', seen, isShort = false, work } = options
  const asked: Record<string, string> = {
    ...(seen !== undefined && { 'if-match': seen === NOTHING_SEEN ? '*' : `"${fingerprint(seen)}"` }),
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
    throw new Unreachable('The server does not answer.')
  }
  const data: unknown = await response.json().catch(() => ({}))
  if (response.status >= 500) {
    const { message } = data as { message?: string }
    // A full disk says so itself.
    if (NOT_JUST_NOW.has(response.status)) throw new Unreachable(message ?? 'The server could not do that just now.')
    throw new Failed(message ?? 'Something in the program failed. Nothing of this was saved.')
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
    refused.message ?? 'The server refused this.',
    refused.faults ?? [],
    refused.current,
    refused.asks,
    refused.standing,
  )
}

export const api = {
  health: () => call<{ today: string }>('health'),
  catalogue: () => call<Catalogue>('catalogue'),
  fittings: () => call<readonly FittingSummary[]>('fittings'),
  fitting: (id: string) => call<FittingView>(`fittings/${id}`),
  erased: (ids: readonly string[]) => call<readonly string[]>('fittings/erased', { ids }),
  history: (id: string) => call<readonly HistoryEntry[]>(`fittings/${id}/history`),
  revise: (id: string) => call<FittingView>(`fittings/${id}/revise`, {}),
  ahead: (id: string, of?: 'catalogue', work?: Work) =>
    call<AheadView>(`fittings/${id}/ahead${of === undefined ? '' : `?of=${of}`}`, undefined, { work }),
  create: (child: string | NewChild, vehicleId?: string, arrivedInstalled = false) =>
    call<FittingView>('fittings', {
      ...(typeof child === 'string' ? { childId: child } : { newChild: child }),
      ...(vehicleId !== undefined && { vehicleId }),
      ...(arrivedInstalled && { arrivedInstalled }),
    }),
  importCatalogue: (file: unknown, how: ImportHow = {}) =>
    call<readonly ImportRow[]>(
      `catalogue/import?preview=${how.isPreview ?? false}&overrule=${(how.overrule ?? []).join(',')}`,
      file,
      { seen: how.seen, work: how.work },
    ),
  workShare: (id: string) => call<{ readonly share: number }>(`work/${id}`),
  removeFromCatalogue: (kind: 'models' | 'units' | 'vehicles', id: string) =>
    call<unknown>(`catalogue/${kind}/${id}`, undefined, { method: 'DELETE' }),
  readings: (childId: string) => call<readonly GrowthReading[]>(`children/${childId}/readings`),
  ruleCounts: () => call<readonly RuleCount[]>('rules/decided'),
  practice: () => call<PracticeBook>('practice'),
  keepProfile: (profile: PracticeProfile, seen: unknown) =>
    call<PracticeBook>(`practice/profiles/${profile.id}`, profile, { method: 'PUT', seen }),
  keepLocalRule: (rule: LocalRule, seen: unknown) =>
    call<PracticeBook>(`practice/local-rules/${rule.id}`, rule, { method: 'PUT', seen }),
  removeProfile: (id: string) => call<PracticeBook>(`practice/profiles/${id}`, undefined, { method: 'DELETE' }),
  removeLocalRule: (id: string) => call<PracticeBook>(`practice/local-rules/${id}`, undefined, { method: 'DELETE' }),
  setPracticeDefaults: (profileId: string, localRuleId: string) =>
    call<PracticeBook>('practice/defaults', { profileId, localRuleId }, { method: 'PUT' }),
  importCase: (file: unknown, child?: 'known' | 'new') =>
    call<FittingView>(`fittings/import${child === undefined ? '' : `?child=${child}`}`, file),
  /** Answered shortly: what was stored since `base`, not the whole fitting. */
  enter: (fittingId: string, { id, base, own, who, puts }: EntryToSend) =>
    call<Stored>(
      `fittings/${fittingId}/entries`,
      { id, baseSequence: base, ...(own.length > 0 && { own }), who, puts },
      { isShort: true },
    ),
  undo: (id: string, baseSequence: number, who: string) =>
    call<FittingView>(`fittings/${id}/undo`, { baseSequence, who }),
  sign: (id: string, baseSequence: number, who: string, signing: Signing) =>
    call<FittingView>(`fittings/${id}/sign`, { baseSequence, who, ...signing }),
  rechecks: (id: string) => call<readonly RecheckView[]>(`fittings/${id}/rechecks`),
  recheck: (id: string, who: string, answers: Readonly<Record<string, RecheckAnswer>>) =>
    call<RecheckView>(`fittings/${id}/rechecks`, { who, answers }),
  day: () => call<DayView>('day'),
  demo: () => call<DemoView>('demo'),
  beginDemo: () => call<DemoView>('demo', {}),
  removeDemo: () => call<DemoRemoved>('demo', undefined, { method: 'DELETE' }),
  addVisit: (visit: VisitEntry) => call<VisitView>('visits', visit),
  changeVisit: (id: string, visit: VisitEntry, seen: unknown) =>
    call<VisitView>(`visits/${id}`, visit, { method: 'PUT', seen }),
  removeVisit: (id: string) => call<unknown>(`visits/${id}`, undefined, { method: 'DELETE' }),
  families: () => call<readonly FamilySummary[]>('families'),
  family: (id: string) => call<FamilyView>(`families/${id}`),
  keepFamily: (id: string, entry: { readonly name: string; readonly note: string }, seen: unknown) =>
    call<FamilyView>(`families/${id}`, entry, { method: 'PUT', seen }),
  moveChild: (childId: string, familyId: string | null) =>
    call<{ readonly familyId: string }>(`families/children/${childId}`, { familyId }, { method: 'PUT' }),
  eraseFamily: (id: string, name: string) =>
    call<{ readonly erased: number }>(`families/${id}`, { name }, { method: 'DELETE' }),
  jobs: (unitId?: string) => call<readonly JobView[]>(`jobs${unitId === undefined ? '' : `?unitId=${unitId}`}`),
  job: (id: string) => call<JobView>(`jobs/${id}`),
  beginJob: (job: JobBeginning) => call<JobView>('jobs', job),
  jobStep: (id: string, who: string, stepId: string, isDone: boolean) =>
    call<JobView>(`jobs/${id}/steps`, { who, stepId, isDone }),
  jobAnswer: (id: string, who: string, checkId: string, optionId: string) =>
    call<JobView>(`jobs/${id}/answers`, { who, checkId, optionId }),
  logbook: (query: string, offset: number, limit: number) =>
    call<LogbookPage>(`logbook?${query}&offset=${offset}&limit=${limit}`),
  logbookCharts: (query: string) => call<LogbookCharts>(`logbook/charts?${query}`),
}
