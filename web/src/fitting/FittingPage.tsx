import { type FittingId, fittingIdSchema } from '@nimble-anchor/core/ground'
import { type Case } from '@nimble-anchor/core/casefile'
import { CHECKS } from '@nimble-anchor/core/checks'
import { openStage, STAGE_TEXT, STAGES, type Assessment, type Stage } from '@nimble-anchor/core/verdict'
import { lazy, Suspense, useEffect, useMemo, useState } from 'react'
import { Link, useNavigate, useParams } from 'react-router'
import { toast } from 'sonner'
import { useCommands } from '../commands/commands.ts'
import { arrangeLink } from '../session/links.ts'
import { assessmentOf, useFitting } from '../session/fitting.ts'
import { loadToday } from '../session/today.ts'
import { useMay, useWho } from '../session/who.ts'
import { usePreferences } from '../session/preferences.ts'
import { ErrorBoundary } from '../ui/ErrorBoundary.tsx'
import { ContextBar } from './ContextBar.tsx'
import { ConflictDialog } from './ConflictDialog.tsx'
import { DayNote } from './DayNote.tsx'
import { HistoryDialog } from './HistoryDialog.tsx'
import { Ledger, LedgerDrawer } from '../findings/Ledger.tsx'
import { MeasureStage } from './measure/MeasureStage.tsx'
import { StageBar } from './StageBar.tsx'
import { PassOnDialog } from './PassOnDialog.tsx'
import { isStage } from './stages.ts'
import { useArrival, useGoTo } from '../findings/goTo.ts'
import { useMedia } from '../ui/useMedia.ts'
import { Told } from '../ui/Told.tsx'
import * as msg from './messages.en.ts'

const STAGE_CODE = {
  choose: () => import('./choose/ChooseStage.tsx'),
  place: () => import('./place/PlaceStage.tsx'),
  setUp: () => import('./setup/SetUpStage.tsx'),
  procedure: () => import('./procedure/ProcedureStage.tsx'),
  handOver: () => import('./handover/HandOverStage.tsx'),
} as const
const ChooseStage = lazy(STAGE_CODE.choose)
const PlaceStage = lazy(STAGE_CODE.place)
const SetUpStage = lazy(STAGE_CODE.setUp)
const ProcedureStage = lazy(STAGE_CODE.procedure)
const HandOverStage = lazy(STAGE_CODE.handOver)

/** The server may stop in the midst of a fitting: every stage is fetched while it is there. */
const fetchStages = (): void => {
  for (const load of Object.values(STAGE_CODE)) load().catch(() => undefined)
}

const REFRESH_MS = 20_000

export default function FittingPage() {
  const { id: asked, stage } = useParams()
  // An address that is no id of a fitting is that of none.
  const id = fittingIdSchema.safeParse(asked).data
  const { status, case: current, open, view, notice, clearNotice, refresh } = useFitting()
  const rememberStage = usePreferences((s) => s.rememberStage)
  const lastStage = usePreferences((s) => (id === undefined ? undefined : s.lastStage[id]))
  const mayFit = useMay('lead', 'fitter', 'trainee')
  const navigate = useNavigate()
  const isLoaded = status === 'ready' && view !== null && view.id === id && current !== null
  const assessment = current ? assessmentOf(current) : undefined

  useEffect(() => {
    if (id !== undefined) void open(id)
  }, [open, id])
  useEffect(fetchStages, [])
  useEffect(() => {
    if (id !== undefined && isStage(stage)) rememberStage(id, stage)
  }, [id, stage, rememberStage])
  useEffect(() => {
    if (!isLoaded || isStage(stage) || !assessment) return
    void navigate(`/fittings/${id}/${isStage(lastStage) ? lastStage : openStage(assessment)}`, { replace: true })
  }, [isLoaded, stage, id, navigate, assessment, lastStage])
  useEffect(() => {
    if (notice === null) return
    toast(notice)
    clearNotice()
  }, [notice, clearNotice])
  useEffect(() => {
    const look = (): void => void (document.visibilityState === 'visible' && refresh())
    // A page left open overnight must learn that the day has changed.
    const wake = (): void => void (document.visibilityState === 'visible' && loadToday())
    const timer = setInterval(look, REFRESH_MS)
    document.addEventListener('visibilitychange', look)
    document.addEventListener('visibilitychange', wake)
    return () => {
      clearInterval(timer)
      document.removeEventListener('visibilitychange', look)
      document.removeEventListener('visibilitychange', wake)
    }
  }, [refresh])

  if (id === undefined || status === 'missing' || status === 'failed') {
    const isMissing = id === undefined || status === 'missing'
    return (
      <div className="mx-auto max-w-xl p-8">
        <h1 className="text-2xl font-bold">{isMissing ? msg.thereIsNoSuchFitting : msg.theServerDoesNotAnswer2}</h1>
        <p className="mt-2">{isMissing ? msg.itMayHaveBeenMade : msg.nothingIsLostLoadThe}</p>
        <p className="mt-4">
          <Link to="/" className="font-semibold text-magenta underline">
            {msg.goToToday}
          </Link>
        </p>
      </div>
    )
  }
  if (!isLoaded || !current || !assessment || !isStage(stage)) return <p className="p-8 text-ink-soft">{msg.loading}</p>
  return (
    <Workspace
      id={id}
      stage={stage}
      current={current}
      assessment={assessment}
      // Whoever only looks is shown it as a closed one is: nothing in it takes an entry.
      isSigned={view.status === 'signed' || !mayFit}
      isElsewhere={view.elsewhere}
    />
  )
}

interface WorkspaceProps {
  readonly id: FittingId
  readonly stage: Stage
  readonly current: Case
  readonly assessment: Assessment
  readonly isSigned: boolean
  readonly isElsewhere: boolean
}

function Workspace({ id, stage, current, assessment, isSigned, isElsewhere }: WorkspaceProps) {
  const navigate = useNavigate()
  const register = useCommands((s) => s.register)
  const undo = useFitting((s) => s.undo)
  const [isLedgerOpen, setLedgerOpen] = useState(false)
  const [isHistoryOpen, setHistoryOpen] = useState(false)
  const [isPassing, setPassing] = useState(false)
  const hasPeople = useWho((s) => s.session?.hasPeople === true)
  const isPassable = hasPeople && !isSigned
  const { id: childId } = current.child
  const vehicleId = current.vehicle?.id
  const childName = [current.child.name, current.child.familyName].filter(Boolean).join(' ')
  const staleStages = useMemo(() => new Set<Stage>(assessment.stale.map((s) => CHECKS[s.checkId].stage)), [assessment])
  const goTo = useGoTo(id)
  useArrival(stage)

  useEffect(() => {
    // Titles stand in the browser's history, in other windows and on its taskbar: they name no child.
    document.title = msg.nimbleAnchor(STAGE_TEXT[stage])
  }, [stage])
  useEffect(
    () =>
      register([
        ...STAGES.map((s, i) => ({
          id: `stage-${s}`,
          label: `${i + 1} ${STAGE_TEXT[s]}`,
          group: msg.stages,
          key: String(i + 1),
          run: () => void navigate(`/fittings/${id}/${s}`),
        })),
        ...(isSigned
          ? []
          : [{ id: 'undo', label: msg.undoTheLastEntry, group: msg.doWord, key: 'u', run: () => void undo() }]),
        ...(isPassable
          ? [{ id: 'pass-on', label: msg.passThisFittingToA, group: msg.doWord, run: () => setPassing(true) }]
          : []),
        {
          id: 'arrange',
          label: msg.arrangeTheFamilyInOne,
          group: msg.doWord,
          run: () => void navigate(arrangeLink(childId, vehicleId)),
        },
        {
          id: 'history',
          label: msg.historyOfThisFitting,
          group: msg.doWord,
          key: 'h',
          run: () => setHistoryOpen(true),
        },
        {
          id: 'ledger',
          label: msg.ledgerOfFindings,
          group: msg.doWord,
          key: 'l',
          run: () => openLedger(setLedgerOpen),
        },
      ]),
    [register, navigate, id, undo, isSigned, isPassable, childId, vehicleId],
  )
  useEffect(
    () =>
      register(
        assessment.findings.map((f) => ({
          id: `rule-${f.ruleId}`,
          label: `${f.title}: ${f.kind}`,
          group: msg.rulesThatSpeakHere,
          run: () => openFinding(f.ruleId, setLedgerOpen),
        })),
      ),
    [register, assessment],
  )

  // Handing over is the verdict and the whole ledger itself: nothing stands beside it.
  const isClosing = stage === 'hand-over'
  // On a desk the whole stage is in view, and its panes scroll.
  const isWide = useMedia('(min-width: 1440px)')
  const keepsLedger = usePreferences((s) => s.keepsLedger)
  const setKeepsLedger = usePreferences((s) => s.setKeepsLedger)
  const showsLedger = isWide && keepsLedger && !isClosing
  const shared = { current, assessment, isSigned, goTo }
  return (
    <div className={`mx-auto max-w-[1680px] tall:lg:flex tall:lg:h-[calc(100dvh-var(--header))] tall:lg:flex-col`}>
      <div className="no-print tall:sticky tall:top-0 z-30">
        <StageBar id={id} stage={stage} assessment={assessment} staleStages={staleStages} />
        <ContextBar
          stage={stage}
          current={current}
          assessment={assessment}
          isSigned={isSigned}
          isBrief={isClosing}
          goTo={goTo}
          onLedger={() => (isWide && !isClosing ? setKeepsLedger(!keepsLedger) : setLedgerOpen(true))}
          onHistory={() => setHistoryOpen(true)}
          onRide={() => void navigate(`/rides/${current.ride?.id ?? ''}`)}
          {...(isPassable && { onPass: () => setPassing(true) })}
        />
      </div>
      {isElsewhere && (
        <p className="mx-3 mt-3 border-l-4 border-stale pl-3 sm:mx-5">
          <Told text={msg.recordOfElsewhere(current.handover?.fitterName ?? '')} />
        </p>
      )}
      <DayNote judgedFor={current.today} isSigned={isSigned} />
      <Announcer assessment={assessment} />
      <div
        className={`grid gap-3 p-3 max-lg:has-[[data-onward]]:pb-20 lg:px-5 lg:pt-2 lg:pb-1.5 ${showsLedger ? 'lg:grid-cols-[minmax(0,1fr)_20rem]' : ''} tall:lg:min-h-0 tall:lg:flex-1 tall:lg:grid-rows-[minmax(0,1fr)]`}
      >
        <div className={`min-w-0 tall:lg:flex tall:lg:min-h-0 tall:lg:flex-col`}>
          <h1 id="stage-heading" tabIndex={-1} className="sr-only">
            {STAGE_TEXT[stage]}: {childName}
          </h1>
          <ErrorBoundary resetKey={stage}>
            <Suspense fallback={<p className="p-4 text-ink-soft">{msg.loading}</p>}>
              {stage === 'measure' && <MeasureStage {...shared} />}
              {stage === 'choose' && <ChooseStage {...shared} />}
              {stage === 'place' && <PlaceStage {...shared} />}
              {stage === 'set-up' && <SetUpStage {...shared} />}
              {(stage === 'attach' || stage === 'child-in') && <ProcedureStage key={stage} {...shared} stage={stage} />}
              {stage === 'hand-over' && <HandOverStage {...shared} />}
            </Suspense>
          </ErrorBoundary>
          {!isClosing && !showsLedger && (
            <p className="no-print mt-3 text-xs text-ink-soft lg:mt-1.5">{assessment.caution}</p>
          )}
        </div>
        {showsLedger && (
          <aside
            aria-label={msg.besideTheStage}
            className={`hidden min-w-0 lg:block tall:lg:relative tall:lg:overflow-y-auto`}
          >
            <Ledger assessment={assessment} goTo={goTo} isHeaded />
          </aside>
        )}
      </div>
      <LedgerDrawer open={isLedgerOpen} onOpenChange={setLedgerOpen} assessment={assessment} goTo={goTo} />
      <HistoryDialog id={id} open={isHistoryOpen} onOpenChange={setHistoryOpen} />
      {isPassable && <PassOnDialog id={id} open={isPassing} onOpenChange={setPassing} />}
      <ConflictDialog />
    </div>
  )
}

/** Says aloud what has to be looked at again, when it has. */
function Announcer({ assessment }: { readonly assessment: Assessment }) {
  const { stale } = assessment
  return (
    <p role="status" className="sr-only">
      {stale.length > 0 && msg.toLookAtAgain(stale.map((s) => s.label).join(', '))}
    </p>
  )
}

/** Opens one finding where it stands; on a narrow screen, the ledger first. */
function openFinding(ruleId: string, setOpen: (isOpen: boolean) => void): void {
  const shown = (): HTMLElement | undefined =>
    [...document.querySelectorAll<HTMLElement>(`[data-rule="${ruleId}"]`)].find((x) => x.offsetParent)
  const show = (): void => {
    const row = shown()?.querySelector('button')
    if (row?.getAttribute('aria-expanded') === 'false') row.click()
    row?.focus()
  }
  if (shown()) return void setTimeout(show)
  const folds = [...document.querySelectorAll<HTMLElement>('#ledger [aria-expanded="false"]')].filter(
    (x) => x.offsetParent,
  )
  if (folds.length > 0) for (const fold of folds) fold.click()
  else setOpen(true)
  setTimeout(show, 50)
}

/** On a wide screen the ledger stands beside the work: the key moves there. */
function openLedger(setOpen: (isOpen: boolean) => void): void {
  const first = [...document.querySelectorAll<HTMLElement>('#ledger button')].find((x) => x.offsetParent)
  if (first) first.focus()
  else setOpen(true)
}
