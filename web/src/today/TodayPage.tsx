import { type FittingSummary } from '@nimble-anchor/core/formats'
import { CAUTION, STAGE_TEXT, VERDICT_TEXT } from '@nimble-anchor/core/verdict'
import { FileUp, Plus } from 'lucide-react'
import { lazy, Suspense, useEffect, useRef, useState } from 'react'
import { Link, useNavigate } from 'react-router'
import { toast } from 'sonner'
import { useCommands } from '../app/commands.ts'
import { api, Refused } from '../session/api.ts'
import { useCatalogue } from '../session/catalogue.ts'
import { useWaitingCounts } from '../session/waitingCounts.ts'
import { useToday } from '../session/today.ts'
import { usePreferences } from '../session/preferences.ts'
import { Ask } from '../ui/Ask.tsx'
import { Button } from '../ui/Button.tsx'
import { useLater } from '../ui/useLater.ts'
import { Panel } from '../ui/Panel.tsx'
import { StateMark, VERDICT_MARK } from '../ui/StateMark.tsx'
import { DuePanel, JobsPanel } from './DuePanels.tsx'
import { Queue } from './Queue.tsx'
import { FileInput } from '../ui/TextInput.tsx'

const clock = new Intl.DateTimeFormat(undefined, { hour: '2-digit', minute: '2-digit' })
const calendar = new Intl.DateTimeFormat(undefined, { weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' })
const shortDay = new Intl.DateTimeFormat(undefined, { day: 'numeric', month: 'short' })

const NewFittingDialog = lazy(() => import('./NewFittingDialog.tsx'))

/** The time today, the day before that. */
function when(iso: string, today: string | undefined): string {
  const at = new Date(iso)
  return iso.slice(0, 10) === today ? clock.format(at) : shortDay.format(at)
}

export function TodayPage() {
  const { status, fittings, today, load, day } = useToday()
  const isLater = useLater()
  const [isCreating, setCreating] = useState(false)
  const register = useCommands((s) => s.register)
  const navigate = useNavigate()

  useEffect(() => {
    document.title = 'Today · Nimble Anchor'
    void load()
    void useCatalogue.getState().load()
  }, [load])
  useEffect(
    () => register([{ id: 'new-fitting', label: 'New fitting', group: 'Do', key: 'n', run: () => setCreating(true) }]),
    [register],
  )

  // With nothing due and no job, the queue has the whole width.
  const hasAside = day !== undefined && day.due.length + day.jobs.length > 0
  const open = fittings.filter((f) => f.status === 'open')
  // Of other days the logbook tells.
  const signed = fittings.filter((f) => f.status === 'signed' && f.updatedAt.slice(0, 10) === today)
  return (
    <div className="mx-auto max-w-6xl p-3 sm:p-5">
      <div className="mb-4 flex flex-wrap items-end justify-between gap-3">
        <div>
          <h1 className="text-3xl font-bold tracking-tight">Today</h1>
          {today !== undefined && <p className="text-ink-soft">{calendar.format(new Date(`${today}T12:00:00`))}</p>}
        </div>
        <div className="flex flex-wrap gap-2">
          <CaseImport onImported={(id) => void navigate(`/fittings/${id}`)} />
          <Button look="main" onClick={() => setCreating(true)}>
            <Plus size={18} aria-hidden="true" /> New fitting
          </Button>
        </div>
      </div>

      {status === 'failed' && (
        <Panel className="mb-4" title="The server does not answer">
          <p className="mb-3">Nothing is lost: what you entered waits on this device.</p>
          <Button onClick={() => void load()}>Try again</Button>
        </Panel>
      )}

      <div className={`mb-4 grid items-start gap-4 ${hasAside ? 'lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]' : ''}`}>
        <Queue />
        <div className="flex flex-col gap-4">
          <DuePanel />
          <JobsPanel />
        </div>
      </div>

      <Panel
        title="Open fittings"
        aside={<span className="text-sm text-ink-soft">{status === 'ready' ? `${open.length} open` : ''}</span>}
      >
        {status === 'loading' && <p className="text-ink-soft">Loading.</p>}
        {status === 'ready' && open.length === 0 && (
          <div className="py-6">
            <p className="text-lg font-semibold">No fitting is open.</p>
            <p className="mt-1 text-ink-soft">
              A fitting takes a child, a car and a restraint from the shelf to a verdict with its reasons.
            </p>
            <Button look="main" className="mt-4" onClick={() => setCreating(true)}>
              <Plus size={18} aria-hidden="true" /> New fitting
            </Button>
          </div>
        )}
        <FittingList fittings={open} today={today} />
      </Panel>

      {signed.length > 0 && (
        <Panel
          title="Closed today"
          className="mt-4"
          aside={<span className="text-sm text-ink-soft">{signed.length} signed</span>}
        >
          <FittingList fittings={signed} today={today} />
        </Panel>
      )}
      {fittings.length > 0 && (
        <p className="mt-2">
          <Link to="/logbook" className="inline-flex min-h-11 items-center underline underline-offset-4">
            Every fitting stands in the logbook
          </Link>
        </p>
      )}
      {fittings.length > 0 && <p className="mt-4 max-w-3xl text-sm text-ink-soft">{CAUTION}</p>}
      {(isCreating || isLater) && (
        <Suspense fallback={null}>
          <NewFittingDialog
            open={isCreating}
            onOpenChange={setCreating}
            onCreated={(id) => void navigate(`/fittings/${id}/measure`)}
          />
        </Suspense>
      )}
    </div>
  )
}

function FittingList({ fittings, today }: { fittings: readonly FittingSummary[]; today: string | undefined }) {
  const lastStage = usePreferences((s) => s.lastStage)
  const counts = useWaitingCounts()
  return (
    <ul className="divide-y divide-hair">
      {fittings.map((f) => {
        const waiting = counts.get(f.id) ?? 0
        const stage = lastStage[f.id]
        return (
          <li key={f.id}>
            <Link
              to={`/fittings/${f.id}${stage ? `/${stage}` : ''}`}
              className="grid grid-cols-[1fr_auto] gap-x-4 gap-y-0.5 px-1 py-3 hover:bg-shoal sm:grid-cols-[10.500rem_13rem_1fr_4.500rem] sm:items-baseline"
            >
              <StateMark state={VERDICT_MARK[f.verdict]} word={VERDICT_TEXT[f.verdict]} />
              <time dateTime={f.updatedAt} className="text-right text-ink-soft sm:order-last">
                {when(f.updatedAt, today)}
              </time>
              <span className="col-span-2 text-[1.05rem] font-bold sm:col-span-1">{f.childName}</span>
              <span className="col-span-2 min-w-0 sm:col-span-1">
                <span className="block">
                  {f.restraintName ?? 'no restraint yet'} · {f.vehicleName ?? 'no car yet'}
                  {f.revises !== null && ' · revision'}
                  {f.elsewhere && ' · signed elsewhere, judged here'}
                  {f.arrivedInstalled && ' · came already fitted'}
                </span>
                <span className="block text-sm text-ink-soft">
                  {f.status === 'open' && <b>{STAGE_TEXT[f.stage]}. </b>}
                  {f.headline}
                </span>
                {waiting > 0 && (
                  <span className="block text-sm font-semibold text-stale">
                    {waiting === 1 ? '1 entry waits' : `${waiting} entries wait`} on this device; open it to save.
                  </span>
                )}
              </span>
            </Link>
          </li>
        )
      })}
    </ul>
  )
}

/** Opens a case file: the whole fitting comes back as it was exported. */
function CaseImport({ onImported }: { onImported: (id: string) => void }) {
  const input = useRef<HTMLInputElement>(null)
  const register = useCommands((s) => s.register)
  useEffect(
    () =>
      register([
        { id: 'open-case', label: 'Open a case file', group: 'Do', key: 'o', run: () => input.current?.click() },
      ]),
    [register],
  )
  const [asked, setAsked] = useState<{ readonly body: unknown; readonly message: string }>()
  async function bring(body: unknown, child?: 'known' | 'new'): Promise<void> {
    setAsked(undefined)
    try {
      onImported((await api.importCase(body, child)).id)
    } catch (error) {
      if (error instanceof Refused && error.asks === 'child') return setAsked({ body, message: error.message })
      throw error
    }
  }
  async function read(work: () => Promise<void>, name: string): Promise<void> {
    try {
      await work()
    } catch (error) {
      const faults = error instanceof Refused ? error.faults.slice(0, 5).map((f) => `${f.path} ${f.message}`) : []
      toast.error(
        error instanceof SyntaxError
          ? `${name} is not a JSON file.`
          : error instanceof Error
            ? error.message
            : 'Not imported.',
        { description: faults.join('\n'), duration: 20_000 },
      )
    }
  }
  return (
    <>
      <FileInput
        ref={input}
        accept="application/json,.json"
        aria-label="Case file"
        onChange={(e) => {
          const file = e.target.files?.[0]
          if (file) void read(async () => bring(JSON.parse(await file.text())), file.name)
          e.target.value = ''
        }}
      />
      <Button onClick={() => input.current?.click()}>
        <FileUp size={18} aria-hidden="true" /> Open a case file
      </Button>
      {asked && (
        <Ask
          open
          title="Which child is this?"
          answers={[
            { label: 'Leave it', onTake: () => setAsked(undefined) },
            { label: 'Another child', onTake: () => void read(() => bring(asked.body, 'new'), 'The file') },
            { label: 'The same child', onTake: () => void read(() => bring(asked.body, 'known'), 'The file') },
          ]}
        >
          <p>{asked.message}</p>
          <p className="mt-2 text-sm text-ink-soft">
            The record that is known here stays as it is either way. Another child gets a record of its own.
          </p>
        </Ask>
      )}
    </>
  )
}
