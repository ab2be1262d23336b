import { type FittingId, type IsoDate, type ModelId, type UnitId, type VehicleId } from '@nimble-anchor/core/ground'
import type { JobKind } from '@nimble-anchor/core/aftercare'
import type { CarerTried, Put } from '@nimble-anchor/core/casefile'
import type {
  AheadView,
  AuditRow,
  CarerLink,
  Catalogue,
  Colleague,
  DayView,
  DemoRemoved,
  DemoView,
  DeviceView,
  FamilySummary,
  FamilyView,
  FittingSummary,
  FittingView,
  GrowthReading,
  HereSaid,
  HereView,
  HistoryEntry,
  ImportRow,
  JobView,
  LogbookCharts,
  LogbookPage,
  Pairing,
  PasskeyView,
  PersonView,
  PracticeBook,
  RecheckView,
  RideView,
  Role,
  RuleCount,
  SecondLookView,
  SessionView,
  Stored,
  VisitView,
} from '@nimble-anchor/core/formats'
import type { PracticeProfile } from '@nimble-anchor/core/practice'
import type { LocalRule } from '@nimble-anchor/core/law'
import type { RecheckAnswer } from '@nimble-anchor/core/procedure'
import { call, type Work } from './call.ts'

/** Who takes it over, and how; strokes of drawn signatures, where somebody drew one. */
export interface Signing {
  readonly carerName: string
  readonly fitterStrokes?: string
  readonly carerStrokes?: string
  readonly carerTried?: CarerTried
  /** Of a fitting that is not ready: why they leave, and what they were told. */
  readonly againstAdvice?: { readonly reason: string; readonly said: string }
  /** Who signs with a trainee, and their password or PIN. */
  readonly second?: { readonly personId: string; readonly secret: string }
}
/** A child of whom only the name is known yet; it is kept with its first fitting. */
export interface NewChild {
  readonly name: string
  readonly familyName?: string
}
/** What a fitting begins with beside its child. */
interface Beginning {
  readonly vehicleId?: VehicleId | undefined
  readonly visitId?: string | undefined
  readonly arrivedInstalled?: boolean
}
/** A passkey is asked for: what it is to prove, and by which name the answer comes back. */
interface Asked {
  readonly handle: string
  readonly options: unknown
}
export interface EntryToSend {
  readonly id: string
  readonly base: number
  readonly own: readonly string[]
  readonly who: string
  /** Who was signed in when it was made. */
  readonly personId?: string | undefined
  readonly puts: readonly Put[]
}
export type VisitEntry = Omit<VisitView, 'id' | 'familyId' | 'fitting'> & { readonly fittingId: FittingId | null }
export interface JobBeginning {
  readonly unitId: UnitId
  readonly kind: JobKind
  readonly who: string
  readonly fittingId?: FittingId
  readonly fromModeId?: string
  readonly toModeId?: string
}

/** An arrangement of which every child gets a fitting at its place, bound into one ride. */
export interface RideBeginning {
  readonly vehicleId: VehicleId
  readonly seats: readonly {
    readonly childId: string
    readonly positionId: string
    readonly secondPositionId?: string | undefined
    readonly modelId: ModelId
    readonly modeId: string
    readonly routeId: string
    readonly unitId?: UnitId | undefined
    readonly baseUnitId?: string | undefined
    readonly isExtraOff?: true | undefined
    readonly visitId?: string | undefined
  }[]
  readonly adults: readonly {
    readonly id: string
    readonly positionId: string
    readonly shoulderBreadthMm?: number | undefined
    readonly isChild?: true | undefined
  }[]
  readonly installing: readonly string[]
  readonly loading: readonly { readonly id: string; readonly past: readonly string[] }[]
  readonly who: string
}

/** How a file is taken in. */
interface ImportHow {
  readonly isPreview?: boolean
  /** Ids of units of which the file is believed over what the shelf knows. */
  readonly overrule?: readonly string[]
  readonly seen?: unknown
  readonly work?: Work
}

export { CsvText, Failed, NOTHING_SEEN, onSignedOut, Refused, type Work } from './call.ts'

export const api = {
  health: () => call<{ today: IsoDate }>('health'),
  session: () => call<SessionView>('session', undefined, { isByItself: true }),
  signIn: (name: string, password: string) => call<SessionView>('session/sign-in', { name, password }),
  recover: (name: string, code: string, password: string) =>
    call<SessionView>('session/recover', { name, code, password }),
  passkeyOptions: () => call<Asked>('session/passkey/options', {}),
  passkey: (handle: string, response: unknown) => call<SessionView>('session/passkey', { handle, response }),
  switchTo: (personId: string, pin: string) => call<SessionView>('session/switch', { personId, pin }),
  lock: () => call<SessionView>('session/lock', {}),
  signOut: () => call<SessionView>('session', undefined, { method: 'DELETE' }),
  confirmOptions: () => call<Asked>('session/confirm/options', {}),
  confirm: (proof: { readonly password: string } | { readonly handle: string; readonly response: unknown }) =>
    call<unknown>('session/confirm', proof),
  setPin: (pin: string | null) => call<SessionView>('session/pin', { pin }, { method: 'PUT' }),
  setPassword: (before: string, password: string) =>
    call<SessionView>('session/password', { before, password }, { method: 'PUT' }),
  passkeys: () => call<readonly PasskeyView[]>('session/passkeys'),
  newPasskeyOptions: () => call<Asked>('session/passkeys/options', {}),
  keepPasskey: (handle: string, response: unknown, label: string) =>
    call<readonly PasskeyView[]>('session/passkeys', { handle, response, label }),
  removePasskey: (id: string) =>
    call<readonly PasskeyView[]>(`session/passkeys/${id}`, undefined, { method: 'DELETE' }),
  newRecoveryCodes: () => call<{ readonly recoveryCodes: readonly string[] }>('session/recovery-codes', {}),
  devices: (whose: 'own' | 'all') => call<readonly DeviceView[]>(whose === 'own' ? 'session/devices' : 'devices'),
  revokeDevice: (whose: 'own' | 'all', id: string) =>
    call<readonly DeviceView[]>(`${whose === 'own' ? 'session/' : ''}devices/${id}`, undefined, { method: 'DELETE' }),
  pair: () => call<Pairing>('pairing', {}),
  claimPairing: (code: string) => call<SessionView>('pairing/claim', { code }),
  colleagues: () => call<readonly Colleague[]>('colleagues'),
  people: () => call<readonly PersonView[]>('people'),
  addPerson: (person: { readonly name: string; readonly role: Role; readonly password: string }) =>
    call<{ readonly recoveryCodes: readonly string[]; readonly session?: SessionView }>('people', person),
  changePerson: (id: string, to: { readonly name: string; readonly role: Role; readonly isActive: boolean }) =>
    call<readonly PersonView[]>(`people/${id}`, to, { method: 'PUT' }),
  resetPassword: (id: string, password: string) =>
    call<readonly PersonView[]>(`people/${id}/password`, { password }, { method: 'PUT' }),
  audit: () => call<readonly AuditRow[]>('audit'),
  trust: () => call<{ readonly fingerprint: string }>('trust'),
  passOn: (id: string, personId: string) => call<FittingView>(`fittings/${id}/pass`, { personId }),
  carerLink: (id: string) => call<CarerLink>(`fittings/${id}/carer-link`, {}),
  secondLook: (token: string) => call<SecondLookView>(`second-look/${token}`),
  answerSecondLook: (token: string, answers: Readonly<Record<string, RecheckAnswer>>) =>
    call<unknown>(`second-look/${token}`, { answers }),
  exportFamily: (id: string) => call<unknown>(`families/${id}/export`),
  here: (said: HereSaid) => call<HereView | Record<string, never>>('live/here', said, { isByItself: true }),
  catalogue: () => call<Catalogue>('catalogue'),
  fittings: (isByItself = false) => call<readonly FittingSummary[]>('fittings', undefined, { isByItself }),
  fitting: (id: string, isByItself = false) => call<FittingView>(`fittings/${id}`, undefined, { isByItself }),
  erased: (ids: readonly string[]) => call<readonly string[]>('fittings/erased', { ids }),
  history: (id: string) => call<readonly HistoryEntry[]>(`fittings/${id}/history`),
  revise: (id: string) => call<FittingView>(`fittings/${id}/revise`, {}),
  ahead: (id: string, of?: 'catalogue', work?: Work) =>
    call<AheadView>(`fittings/${id}/ahead${of === undefined ? '' : `?of=${of}`}`, undefined, { work }),
  create: (child: string | NewChild, { arrivedInstalled, ...over }: Beginning = {}) =>
    call<FittingView>('fittings', {
      ...(typeof child === 'string' ? { childId: child } : { newChild: child }),
      ...over,
      ...(arrivedInstalled && { arrivedInstalled }),
    }),
  importCatalogue: (file: unknown, how: ImportHow = {}) =>
    call<readonly ImportRow[]>(
      `catalogue/import?preview=${how.isPreview ?? false}&overrule=${(how.overrule ?? []).join(',')}`,
      file,
      { seen: how.seen, work: how.work },
    ),
  stopWork: (id: string) => call<{ readonly asked: true }>(`work/${id}`, undefined, { method: 'DELETE' }),
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
  enter: (fittingId: FittingId, { id, base, own, who, personId, puts }: EntryToSend) =>
    call<Stored>(
      `fittings/${fittingId}/entries`,
      {
        id,
        baseSequence: base,
        ...(own.length > 0 && { own }),
        ...(personId !== undefined && { personId }),
        who,
        puts,
      },
      { isShort: true },
    ),
  undo: (id: string, baseSequence: number, who: string) =>
    call<FittingView>(`fittings/${id}/undo`, { baseSequence, who }),
  sign: (id: string, baseSequence: number, who: string, signing: Signing) =>
    call<FittingView>(`fittings/${id}/sign`, { baseSequence, who, ...signing }),
  rechecks: (id: string) => call<readonly RecheckView[]>(`fittings/${id}/rechecks`),
  recheck: (id: string, who: string, answers: Readonly<Record<string, RecheckAnswer>>) =>
    call<RecheckView>(`fittings/${id}/rechecks`, { who, answers }),
  day: (isByItself = false) => call<DayView>('day', undefined, { isByItself }),
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
  /** The page asks again by itself: that keeps no device from locking. */
  ride: (id: string) => call<RideView>(`rides/${id}`, undefined, { isByItself: true }),
  beginRide: (ride: RideBeginning) => call<RideView>('rides', ride),
  leaveRide: (id: string, fittingId: FittingId, who: string) =>
    call<unknown>(`rides/${id}/fittings/${fittingId}`, { who }, { method: 'DELETE' }),
  jobs: (unitId?: UnitId) => call<readonly JobView[]>(`jobs${unitId === undefined ? '' : `?unitId=${unitId}`}`),
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
