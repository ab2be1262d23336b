import { FittingId, IsoDate, Sequence, type UnitId } from '../src/ground/index.ts'
import {
  aheadFaults,
  applyPuts,
  assess,
  caseSchema,
  collisionOf,
  collisionText,
  datedChild,
  EMPTY_RECORD,
  highestSequence,
  jobState,
  parseWith,
  planJob,
  putFaults,
  revert,
  slipFault,
  takeable,
  upgradeCase,
  withAnswer,
  withStep,
  type Case,
  type Changed,
  type Fault,
  type FittingView,
  type HistoryEntry,
  type JobContext,
  type JobView,
  type Put,
  type Stored,
} from '../src/index.ts'

/** What is asked of a server of fittings, over whatever way. */
export interface Request {
  readonly method: 'GET' | 'POST'
  /** Below `/api/`. */
  readonly path: string
  readonly body?: unknown
  /** Whether the short answer is wanted. */
  readonly isShort?: boolean
}
export interface Answer {
  readonly status: number
  readonly body: unknown
}
interface Entry {
  readonly fittingId: FittingId
  readonly sequence: Sequence
  readonly id: string | null
  readonly who: string
  readonly enteredAt: string
  readonly changes: readonly Changed[]
  readonly undoes: number | null
  readonly puts: readonly Put[]
}
interface EntryBody {
  readonly baseSequence: Sequence
  readonly id?: string
  readonly own?: readonly string[]
  readonly who: string
  readonly puts: readonly Put[]
}
type SignBody = Pick<EntryBody, 'baseSequence' | 'who'> & {
  readonly carerName: string
  readonly againstAdvice?: { readonly reason: string; readonly said: string }
}

class Refusal extends Error {
  constructor(
    readonly status: number,
    message: string,
    readonly more: object = {},
  ) {
    super(message)
  }
}
const faulty = (message: string, faults: readonly Fault[]): Refusal => new Refusal(400, message, { faults })
const notThere = (what: string): Refusal => new Refusal(404, `There is no such ${what}.`)

/** Whoever is further behind is told the newest entries only. */
const MOST_ENTRIES = 100

/**
 * A server of fittings and jobs in memory, for tests of what talks to one: core
 * decides here as it does in the real one, and both are held to one contract
 * (`contract.ts`). It keeps no people, no files and no network.
 */
export class MemoryServer {
  readonly views: Record<string, FittingView> = {}
  readonly jobs: Record<string, JobView> = {}
  readonly log: Entry[] = []
  readonly erased: string[] = []
  mostEntries = MOST_ENTRIES
  private next = 0

  constructor(
    private readonly today: string,
    private readonly contextOf: (unitId: string) => JobContext | undefined = () => undefined,
  ) {}

  /** Asked as over the network: what is not JSON does not get through. */
  ask(request: Request): Answer {
    try {
      const body = this.answer(structuredClone(request))
      return JSON.parse(JSON.stringify({ status: statusOf(request), body })) as Answer
    } catch (error) {
      if (!(error instanceof Refusal)) throw error
      const { status, message, more } = error
      return JSON.parse(JSON.stringify({ status, body: { statusCode: status, message, ...more } })) as Answer
    }
  }

  /** A case that is there from the start, under an id. */
  put(id: string, c: Case): FittingView {
    const now = this.now()
    return (this.views[id] = {
      id: FittingId(id),
      status: c.handover ? 'signed' : 'open',
      sequence: Sequence(highestSequence(c)),
      createdAt: now,
      updatedAt: now,
      revises: null,
      elsewhere: c.handover !== undefined,
      holderId: null,
      case: c,
    })
  }

  private answer({ method, path, body, isShort = false }: Request): unknown {
    const [root, id = '', act] = path.split('/')
    if (root === 'fittings' && method === 'POST') {
      if (id === 'erased') return (body as { ids: readonly string[] }).ids.filter((x) => this.erased.includes(x))
      if (id === 'import') return this.bringIn(body)
      if (act === 'entries') return this.enter(FittingId(id), body as EntryBody, isShort)
      if (act === 'undo') return this.undo(id, body as EntryBody)
      if (act === 'sign') return this.sign(id, body as SignBody)
      if (act === 'revise') return this.revise(id)
    }
    if (root === 'fittings' && id !== '') return act === 'history' ? this.history(id) : this.find(id)
    if (root === 'jobs' && method === 'POST') {
      if (id === '') return this.begin(body as { unitId: UnitId; kind: JobView['kind']; who: string })
      return act === 'steps'
        ? this.step(id, body as { who: string; stepId: string; isDone: boolean })
        : this.look(id, body as { who: string; checkId: string; optionId: string })
    }
    if (root === 'jobs' && id !== '') return this.findJob(id)
    throw notThere('route')
  }

  private find(id: string): FittingView {
    const view = this.views[id]
    if (!view) throw notThere('fitting')
    return view
  }
  private findOpen(id: string): FittingView {
    const view = this.find(id)
    if (view.status === 'signed') throw new Refusal(409, 'This fitting is signed and closed.')
    return view
  }
  private entriesOf = (id: string): readonly Entry[] => this.log.filter((e) => e.fittingId === id)
  /** Moments that never come twice. */
  private now(): string {
    return new Date(Date.parse(`${this.today}T10:00:00.000Z`) + this.next++).toISOString()
  }
  private newId(): string {
    return `00000000-0000-4000-8000-${String(this.next++).padStart(12, '0')}`
  }

  private bringIn(data: unknown): FittingView {
    const parsed = parseWith(caseSchema, upgradeCase(data))
    if (!parsed.ok) throw faulty('The case file is not valid; no fitting was created.', parsed.error)
    const faults = aheadFaults(parsed.value, IsoDate(this.today))
    if (faults.length > 0) throw faulty('No fitting was created.', faults)
    return this.put(this.newId(), parsed.value)
  }

  private enter(fittingId: FittingId, entry: EntryBody, isShort: boolean): FittingView | Stored {
    const said = (view: FittingView): FittingView | Stored => (isShort ? this.since(view, entry.baseSequence) : view)
    if (entry.id !== undefined && this.entriesOf(fittingId).some((e) => e.id === entry.id)) return said(this.find(fittingId)) // prettier-ignore
    const view = this.findOpen(fittingId)
    if (entry.baseSequence > view.sequence)
      throw faulty('Nothing was saved.', [{ path: '$.baseSequence', message: `must be at most ${view.sequence}` }])
    const own = new Set(entry.own ?? [])
    const strangers = this.entriesOf(fittingId).filter(
      (e) => e.sequence > entry.baseSequence && (e.id === null || !own.has(e.id)),
    )
    const collision = strangers.length > 0 ? collisionOf(view.case, entry.puts, entry.baseSequence, strangers) : undefined // prettier-ignore
    if (collision) throw new Refusal(409, `${collisionText(collision, strangers.at(-1)?.who ?? '')} Nothing of yours was saved yet.`, { current: view }) // prettier-ignore
    const last = this.entriesOf(fittingId).at(-1)
    const slip = slipFault(entry, last && { ...last, isUndo: last.undoes !== null })
    const faults = slip ? [slip] : putFaults(entry.puts, IsoDate(this.today))
    if (faults.length > 0) throw faulty('Nothing was saved.', faults)
    return said(this.append(view, entry.puts, { who: entry.who, id: entry.id ?? null }))
  }

  private append(view: FittingView, puts: readonly Put[], by: { readonly who: string; readonly id: string | null }): FittingView {
    const isAsked = puts.some((p) => p.path[0] === 'today')
    const all = view.case.today === this.today || isAsked ? puts : [{ path: ['today'], value: this.today }, ...puts]
    const applied = applyPuts(view.case, all, Sequence(view.sequence + 1))
    if (!applied.ok) throw faulty('Nothing was saved.', applied.error)
    return this.store(view, applied.value.case, { ...by, changes: applied.value.changed, undoes: null, puts })
  } // prettier-ignore

  private store(view: FittingView, next: Case, entry: Pick<Entry, 'who' | 'id' | 'changes' | 'undoes' | 'puts'>): FittingView {
    const order = Sequence(view.sequence + 1)
    const enteredAt = this.now()
    this.log.push({ ...entry, fittingId: view.id, sequence: order, enteredAt })
    const status = next.handover ? ('signed' as const) : view.status
    return (this.views[view.id] = { ...view, status, sequence: order, updatedAt: enteredAt, case: next })
  } // prettier-ignore

  /** What was stored since, as short as the real one says it. */
  private since({ id, status, sequence, updatedAt }: FittingView, baseSequence: number): Stored {
    const entries = this.entriesOf(id).filter((e) => e.sequence > baseSequence)
    const said = entries.slice(-this.mostEntries).map((e) => ({ sequence: e.sequence, id: e.id, changes: e.changes }))
    return { id, status, sequence, updatedAt, entries: said }
  }

  private refuseUnseen(view: FittingView, asked: Pick<EntryBody, 'baseSequence' | 'who'>, before: 'undo' | 'sign'): void {
    if (asked.baseSequence === view.sequence) return
    const later = this.entriesOf(view.id).filter((e) => e.sequence > asked.baseSequence)
    const others = [...new Set(later.map((e) => e.who).filter((who) => who !== asked.who))]
    const why =
      later.length === 0
        ? `Nothing is stored under the number that was sent; open the fitting again before you ${before}.`
        : others.length === 0
          ? `An entry of your own was stored meanwhile, by a job or another device; look before you ${before}.`
          : `${others.join(' and ')} made an entry meanwhile; look before you ${before}.`
    throw new Refusal(409, why, { current: view })
  } // prettier-ignore

  private undo(id: string, asked: Pick<EntryBody, 'baseSequence' | 'who'>): FittingView {
    const view = this.findOpen(id)
    this.refuseUnseen(view, asked, 'undo')
    const entries = this.entriesOf(id)
    const undone = new Set(entries.map((e) => e.undoes))
    const last = entries.toReversed().find((e) => e.undoes === null && !undone.has(e.sequence) && takeable(e.changes).length > 0) // prettier-ignore
    if (!last) throw new Refusal(409, 'There is nothing to undo.')
    const changes = takeable(last.changes)
    const reverted = revert(view.case, changes)
    if (!reverted.ok) throw faulty('This entry can no longer be undone.', reverted.error)
    return this.store(view, reverted.value, {
      who: asked.who,
      id: null,
      changes: changes.map((c) => ({ path: c.path, from: c.to, to: c.from })).toReversed(),
      undoes: last.sequence,
      puts: [],
    })
  }

  private sign(id: string, { baseSequence, who, carerName, againstAdvice }: SignBody): FittingView {
    const view = this.findOpen(id)
    this.refuseUnseen(view, { baseSequence, who }, 'sign')
    if (view.case.today !== this.today)
      throw new Refusal(409, 'This fitting was judged for another day; judge it for today first.')
    const { verdict, headline } = assess(view.case)
    if (verdict === 'ready' && againstAdvice !== undefined)
      throw faulty('Nothing was signed.', [{ path: '$.againstAdvice', message: 'this fitting is ready: nobody leaves against advice' }]) // prettier-ignore
    if (verdict !== 'ready' && againstAdvice === undefined)
      throw new Refusal(409, `Only a fitting that is ready to travel is signed. ${headline}`)
    const value = { fitterName: who, carerName, ...(againstAdvice && { againstAdvice }), signedAt: this.now() }
    return this.append(view, [{ path: ['handover'], value }], { who, id: null })
  }

  private revise(id: string): FittingView {
    const view = this.find(id)
    if (view.status !== 'signed')
      throw new Refusal(409, 'Only a signed fitting is revised; an open one is simply changed.')
    const { handover: _signed, ...current } = view.case
    const child = datedChild(current.child, current.today)
    const begun = this.put(this.newId(), { ...current, child, today: IsoDate(this.today) })
    return (this.views[begun.id] = { ...begun, revises: FittingId(id) })
  }

  private history(id: string): readonly HistoryEntry[] {
    this.find(id)
    return this.entriesOf(id).map(({ sequence, enteredAt, who, changes, undoes }) => ({ sequence, enteredAt, who, changes: [...changes], undoes, isSignedIn: false })) // prettier-ignore
  }

  private findJob(id: string): JobView {
    const job = this.jobs[id]
    if (!job) throw notThere('job')
    return job
  }
  private begin({ unitId, kind, who }: { unitId: UnitId; kind: JobView['kind']; who: string }): JobView {
    const context = this.contextOf(unitId)
    if (!context) throw faulty('The job was not begun.', [{ path: '$.unitId', message: `no unit "${unitId}"` }])
    const isBegun = Object.values(this.jobs).some((j) => j.unitId === unitId && j.kind === kind && isOpen(j))
    if (isBegun) throw new Refusal(409, 'This job has been begun on the unit already; go on with that one.')
    const now = this.now()
    const id = this.newId()
    return (this.jobs[id] = {
      id,
      unitId,
      unitName: `${context.model.maker} ${context.model.name} ${unitId}`,
      fittingId: null,
      kind,
      plan: planJob(kind, context),
      record: EMPTY_RECORD,
      state: 'steps',
      startedAt: now,
      endedAt: null,
      log: [{ notedAt: now, who, what: 'Begun' }],
    })
  }
  private step(id: string, { who, stepId, isDone }: { who: string; stepId: string; isDone: boolean }): JobView {
    const job = this.openJob(id)
    const step = job.plan.steps.find((s) => s.id === stepId)
    if (!step) throw faulty('Nothing was saved.', [{ path: '$.stepId', message: 'no such step in this job' }])
    return this.record(job, who, withStep(job.plan, job.record, stepId, isDone), `${isDone ? 'Done' : 'Taken back'}: ${step.text}`) // prettier-ignore
  }
  private look(id: string, { who, checkId, optionId }: { who: string; checkId: string; optionId: string }): JobView {
    const job = this.openJob(id)
    const check = job.plan.checks.find((c) => c.id === checkId)
    const option = check?.options.find((o) => o.id === optionId)
    if (!check || !option)
      throw faulty('Nothing was saved.', [{ path: check ? '$.optionId' : '$.checkId', message: 'is not asked by this job' }]) // prettier-ignore
    if (jobState(job.plan, job.record).nextStep)
      throw new Refusal(409, 'The checks come when every step is done: a step may undo what they look at.')
    return this.record(job, who, withAnswer(job.record, checkId, optionId), `${check.label}: ${option.label}`)
  }
  private openJob(id: string): JobView {
    const job = this.findJob(id)
    if (!isOpen(job)) throw new Refusal(409, 'This job is finished; start it again.')
    return job
  }
  private record(job: JobView, who: string, record: JobView['record'], what: string): JobView {
    const { state } = jobState(job.plan, record)
    const now = this.now()
    const next = { ...job, record, state, log: [...job.log, { notedAt: now, who, what }] }
    return (this.jobs[job.id] = { ...next, endedAt: isOpen(next) ? null : now })
  }
}

const isOpen = ({ state }: Pick<JobView, 'state'>): boolean => state !== 'passed'
/** As the real one answers what was done: what is new is created. */
const statusOf = ({ method, path }: Request): number =>
  method === 'POST' && (/^(fittings\/import|jobs)$/.test(path) || path.endsWith('/revise')) ? 201 : 200
