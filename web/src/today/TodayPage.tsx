import { dateText } from '@nimble-anchor/core/quantities'
import { type IsoDate } from '@nimble-anchor/core/ground'
import { type FittingSummary } from '@nimble-anchor/core/formats'
import { VERDICT_TEXT } from '@nimble-anchor/core/verdict'
import { FileUp, Plus } from 'lucide-react'
import { lazy, Suspense, useEffect, useRef, useState } from 'react'
import { Link, useNavigate } from 'react-router'
import { toast } from 'sonner'
import { ON_OPENING } from '../session/queries.ts'
import { useCommands } from '../commands/commands.ts'
import { api, Refused } from '../session/api.ts'
import { useCatalogue } from '../session/catalogue.ts'
import { useWaitingCounts } from '../session/waitingCounts.ts'
import { loadToday, useToday } from '../session/today.ts'
import { useMay, useWho } from '../session/who.ts'
import { usePreferences } from '../session/preferences.ts'
import { Ask } from '../ui/Ask.tsx'
import { Button } from '../ui/Button.tsx'
import { closedWord } from '../ui/closedWord.ts'
import { useLater } from '../ui/useLater.ts'
import { Page } from '../ui/Page.tsx'
import { Panel } from '../ui/Panel.tsx'
import { StateMark, VERDICT_MARK } from '../ui/StateMark.tsx'
import { Beginning } from './Beginning.tsx'
import { DuePanel, JobsPanel } from './DuePanels.tsx'
import { Queue } from './Queue.tsx'
import { FileInput } from '../ui/TextInput.tsx'
import * as msg from './messages.en.ts'

const DemoStrip = lazy(() => import('../demo/DemoStrip.tsx'))
const NewFittingDialog = lazy(() => import('./NewFittingDialog.tsx'))

/** The time today, the day before that. */
function when(iso: string, today: IsoDate | undefined): string {
  return dateText(iso, iso.slice(0, 10) === today ? 'time' : 'day-of-year')
}

export function TodayPage() {
  const { status, fittings, day } = useToday(ON_OPENING)
  const today = day?.today
  const isLater = useLater()
  const [isCreating, setCreating] = useState(false)
  const register = useCommands((s) => s.register)
  const navigate = useNavigate()

  useEffect(() => {
    document.title = msg.todayNimbleAnchor
  }, [])
  const mayFit = useMay('lead', 'fitter', 'trainee')
  useEffect(() => {
    if (!mayFit) return
    return register([
      { id: 'new-fitting', label: msg.newFitting, group: msg.doWord, key: 'n', run: () => setCreating(true) },
    ])
  }, [register, mayFit])

  const { catalogue } = useCatalogue(ON_OPENING)
  const isBare =
    status === 'ready' &&
    fittings.length === 0 &&
    catalogue !== null &&
    (catalogue.models ?? []).length + (catalogue.vehicles ?? []).length + (catalogue.children ?? []).length === 0
  const me = useWho((s) => s.session?.person?.id)
  /** Passed on by a colleague. */
  const isMine = (f: FittingSummary): boolean => me !== undefined && f.holderId === me
  const queued = new Set(day?.visits.map((v) => v.fitting?.id))
  const open = fittings.filter((f) => f.status === 'open')
  // The queue shows its own; a fitting that only wants its signatures is named again, for closing time.
  const unsigned = open
    .filter((f) => !queued.has(f.id) || f.verdict === 'ready' || isMine(f))
    .toSorted(
      (a, b) => Number(isMine(b)) - Number(isMine(a)) || Number(b.verdict === 'ready') - Number(a.verdict === 'ready'),
    )
  // Of other days the logbook tells.
  const signed = fittings.filter(
    (f) => f.status === 'signed' && f.updatedAt.slice(0, 10) === today && !queued.has(f.id),
  )
  return (
    <Page hasVerdicts={fittings.length > 0}>
      <div className="mb-3 flex flex-wrap items-center justify-between gap-x-6 gap-y-2">
        <div className="flex flex-wrap items-baseline gap-x-4">
          <h1 className="text-3xl font-bold tracking-tight">{msg.today}</h1>
          {today !== undefined && <p className="text-ink-soft">{dateText(today, 'full-day')}</p>}
        </div>
        <div className="flex flex-wrap gap-2">
          {mayFit && (
            <>
              <CaseImport onImported={(id) => void navigate(`/fittings/${id}`)} />
              <Button look="main" data-tour="new" onClick={() => setCreating(true)}>
                <Plus size={18} aria-hidden="true" />
                {msg.newFitting2}
              </Button>
            </>
          )}
        </div>
      </div>

      {isLater && (
        <Suspense fallback={null}>
          <DemoStrip />
        </Suspense>
      )}
      {status === 'failed' && (
        <Panel className="mb-4" title={msg.theServerDoesNotAnswer2}>
          <p className="mb-3">{msg.nothingIsLostWhatYou}</p>
          <Button onClick={() => void loadToday()}>{msg.tryAgain}</Button>
        </Panel>
      )}
      {isBare && <Beginning />}

      <div className="mb-2 grid gap-3 lg:min-h-0 lg:flex-1 lg:grid-rows-[minmax(0,1fr)] lg:grid-cols-[minmax(0,8fr)_minmax(0,5fr)]">
        <Queue />
        <div className="flex min-h-0 flex-col gap-3">
          <Panel
            title={msg.notSigned}
            fills
            className="lg:max-h-[45%] lg:shrink-0"
            aside={<span className="text-sm text-ink-soft">{status === 'ready' ? msg.open2(open.length) : ''}</span>}
          >
            {status === 'loading' && <p className="text-ink-soft">{msg.loading}</p>}
            {status === 'ready' && unsigned.length === 0 && (
              <p className="text-ink-soft">{open.length === 0 ? msg.noFittingIsOpen : msg.nothingButWhatTheQueue}</p>
            )}
            <FittingList fittings={unsigned} today={today} />
          </Panel>
          <DuePanel />
          <JobsPanel />
          {signed.length > 0 && (
            <Panel title={msg.closedToday} fills className="lg:max-h-[30%] lg:shrink-0">
              <FittingList fittings={signed} today={today} />
            </Panel>
          )}
        </div>
      </div>
      {(isCreating || isLater) && (
        <Suspense fallback={null}>
          <NewFittingDialog
            open={isCreating}
            onOpenChange={setCreating}
            onCreated={({ id }) => void navigate(`/fittings/${id}/measure`)}
          />
        </Suspense>
      )}
    </Page>
  )
}

function FittingList({ fittings, today }: { fittings: readonly FittingSummary[]; today: IsoDate | undefined }) {
  const lastStage = usePreferences((s) => s.lastStage)
  const counts = useWaitingCounts()
  const me = useWho((s) => s.session?.person?.id)
  return (
    <ul className="-my-2 divide-y divide-hair">
      {fittings.map((f) => {
        const waiting = counts.get(f.id) ?? 0
        const stage = lastStage[f.id]
        return (
          <li key={f.id}>
            <Link
              to={`/fittings/${f.id}${stage ? `/${stage}` : ''}`}
              className="grid grid-cols-[minmax(0,1fr)_auto] gap-x-3 px-1 py-2 hover:bg-shoal"
            >
              <span className="truncate font-bold">
                {f.childName}
                {me !== undefined && f.holderId === me && f.status === 'open' && (
                  <span className="font-normal text-magenta">{msg.passedToYou}</span>
                )}
              </span>
              <StateMark
                state={VERDICT_MARK[f.verdict]}
                word={f.status === 'signed' ? closedWord(f) : VERDICT_TEXT[f.verdict]}
              />
              <span className="min-w-0 text-sm text-ink-soft">
                <span className="block truncate">
                  {[
                    f.restraintName ?? msg.noRestraintYet,
                    f.vehicleName ?? msg.noCarYet,
                    f.revises !== null && msg.revision,
                    f.elsewhere && msg.signedElsewhereJudgedHere,
                    f.arrivedInstalled && msg.cameAlreadyFitted,
                  ]
                    .filter(Boolean)
                    .join(' · ')}
                </span>
                {f.status === 'open' && f.verdict !== 'ready' && <span className="block truncate">{f.headline}</span>}
                {waiting > 0 && (
                  <span className="block font-semibold text-stale">
                    {waiting === 1 ? msg.n1EntryWaits : msg.entriesWait(waiting)}
                    {msg.onThisDeviceOpenIt}
                  </span>
                )}
              </span>
              <time dateTime={f.updatedAt} className="text-right text-sm text-ink-soft">
                {when(f.updatedAt, today)}
              </time>
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
        { id: 'open-case', label: msg.openACaseFile, group: msg.doWord, key: 'o', run: () => input.current?.click() },
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
          ? msg.isNotAJsonFile(name)
          : error instanceof Error
            ? error.message
            : msg.notImported,
        { description: faults.join('\n'), duration: 20_000 },
      )
    }
  }
  return (
    <>
      <FileInput
        ref={input}
        accept="application/json,.json"
        aria-label={msg.caseFile}
        onChange={(e) => {
          const file = e.target.files?.[0]
          if (file) void read(async () => bring(JSON.parse(await file.text())), file.name)
          e.target.value = ''
        }}
      />
      <Button onClick={() => input.current?.click()}>
        <FileUp size={18} aria-hidden="true" />
        {msg.openACaseFile2}
      </Button>
      {asked && (
        <Ask
          open
          title={msg.whichChildIsThis}
          answers={[
            { label: msg.leaveIt, onTake: () => setAsked(undefined) },
            { label: msg.anotherChild, onTake: () => void read(() => bring(asked.body, 'new'), msg.theFile) },
            { label: msg.theSameChild, onTake: () => void read(() => bring(asked.body, 'known'), msg.theFile) },
          ]}
        >
          <p>{asked.message}</p>
          <p className="mt-2 text-sm text-ink-soft">{msg.theRecordThatIsKnown}</p>
        </Ask>
      )}
    </>
  )
}
