import type { FittingView } from '@nimble-anchor/core/formats'
import { VISIT_STATES, type VisitState, type VisitView } from '@nimble-anchor/core/formats'
import { dateText } from '@nimble-anchor/core/quantities'
import { STAGE_TEXT, VERDICT_TEXT } from '@nimble-anchor/core/verdict'
import { Plus } from 'lucide-react'
import { lazy, Suspense, useEffect, useState } from 'react'
import { Link, useNavigate } from 'react-router'
import { useCommands } from '../commands/commands.ts'
import { api, Refused, type VisitEntry } from '../session/api.ts'
import { keepSeen } from '../session/meanwhile.ts'
import { useListed } from '../session/catalogue.ts'
import { loadToday, useDay } from '../session/today.ts'
import { Button } from '../ui/Button.tsx'
import { closedWord } from '../ui/closedWord.ts'
import { useLater } from '../ui/useLater.ts'
import { Panel } from '../ui/Panel.tsx'
import { sayRefusal } from '../ui/refusal.ts'
import { SelectField } from '../ui/SelectField.tsx'
import { StateMark, VERDICT_MARK } from '../ui/StateMark.tsx'
import { toast } from 'sonner'
import * as msg from './messages.en.ts'

const STATE_WORD: Record<VisitState, string> = {
  expected: 'expected',
  here: 'here',
  done: 'done',
  away: msg.didNotCome,
}

const entryOf = ({ id: _id, familyId: _familyId, fitting, ...visit }: VisitView): VisitEntry => ({
  ...visit,
  fittingId: fitting?.id ?? null,
})

const newFittingDialog = () => import('./NewFittingDialog.tsx')
const NewFittingDialog = lazy(newFittingDialog)
const visitDialog = () => import('./VisitDialog.tsx')
const VisitDialog = lazy(visitDialog)

/** The time now, as a visit keeps it. */
export function timeNow(now = new Date()): string {
  return `${String(now.getHours()).padStart(2, '0')}:${String(now.getMinutes()).padStart(2, '0')}`
}

const emptyVisit = (day: string, isWalkIn: boolean): VisitEntry => ({ day, time: timeNow(), who: '', note: '', isWalkIn, state: isWalkIn ? 'here' : 'expected', childId: null, vehicleId: null, fittingId: null }) // prettier-ignore

const keepVisit = (id: string, entry: VisitEntry, seen: VisitEntry) =>
  keepSeen(msg.theVisitOf(seen.who), entry, seen, (at) => api.changeVisit(id, entry, at))

const isOver = ({ state }: VisitView): boolean => state === 'done' || state === 'away'
/** By the clock; whoever is done with stands last. */
const inOrder = (visits: readonly VisitView[]): readonly VisitView[] =>
  visits.toSorted((a, b) => Number(isOver(a)) - Number(isOver(b)))

/** Where the fitting of a visit stands. */
function Standing({ visit: { fitting } }: { readonly visit: VisitView }) {
  if (!fitting) return null
  const word =
    fitting.status === 'signed'
      ? closedWord(fitting)
      : fitting.verdict === 'ready'
        ? VERDICT_TEXT.ready
        : `${STAGE_TEXT[fitting.stage]}: ${VERDICT_TEXT[fitting.verdict].toLowerCase()}`
  return (
    <span className="block text-sm leading-snug">
      <StateMark state={VERDICT_MARK[fitting.verdict]} word={word} />
    </span>
  )
}

/** The bay's queue: who comes when, where each stands; a tap begins the fitting. */
export function Queue() {
  const isLater = useLater()
  // The server may be away when somebody comes: the dialog is here by then.
  useEffect(() => {
    if (isLater) visitDialog().catch(() => undefined)
  }, [isLater])
  const visits = useDay((d) => d.visits)
  const today = useDay((d) => d.today)
  const vehicles = useListed((c) => c.vehicles)
  const children = useListed((c) => c.children)
  const navigate = useNavigate()
  const [edited, setEdited] = useState<{ readonly id: string | null; readonly entry: VisitEntry }>()
  /** A visit of nobody known, whose fitting begins: who the child is, is asked first. */
  const [beginning, setBeginning] = useState<VisitView>()
  const register = useCommands((s) => s.register)
  useEffect(() => {
    if (today === undefined) return
    return register([
      {
        id: 'walk-in',
        label: msg.walkInNoteAFamily,
        group: msg.doWord,
        key: 'w',
        run: () => setEdited({ id: null, entry: emptyVisit(today, true) }),
      },
    ])
  }, [register, today])
  if (!visits || today === undefined) return null

  const change = (visit: VisitView, over: Partial<VisitEntry>): void =>
    void keepVisit(visit.id, { ...entryOf(visit), ...over }, entryOf(visit)).then(
      () => loadToday(),
      (error: unknown) => {
        sayRefusal(error)
        void loadToday()
      },
    )
  const go = (fitting: FittingView): void => void navigate(`/fittings/${fitting.id}/measure`)
  async function begin(visit: VisitView): Promise<void> {
    const { id: visitId, childId, vehicleId, who } = visit
    if (childId === null) return setBeginning(visit)
    try {
      go(await api.create(childId, { vehicleId: vehicleId ?? undefined, visitId }))
    } catch (error) {
      const begun = error instanceof Refused ? error.current : undefined
      // Another device was first with the same child: one fitting, for both.
      if (begun?.case.child.id === childId) {
        toast(msg.theFittingOfWasBegun(who))
        return go(begun)
      }
      sayRefusal(error)
      void loadToday()
    }
  }
  const nameOf = ({ fitting, childId, who }: VisitView): string => {
    const child = children?.find((c) => c.id === childId)
    return fitting?.childName ?? (child ? [child.name, child.familyName].filter(Boolean).join(' ') : who)
  }
  const carName = (id: string | null): string | undefined => {
    const car = vehicles?.find((v) => v.id === id)
    return car && [car.model, car.plate].filter(Boolean).join(', ')
  }
  return (
    <Panel
      title={msg.queue}
      fills
      className="lg:h-full"
      id="queue"
      aside={
        <span className="flex gap-2">
          <Button onClick={() => setEdited({ id: null, entry: emptyVisit(today, true) })}>
            <Plus size={18} aria-hidden="true" />
            {msg.noteAWalkIn}
          </Button>
          <Button onClick={() => setEdited({ id: null, entry: emptyVisit(today, false) })}>
            <Plus size={18} aria-hidden="true" />
            {msg.bookAVisit2}
          </Button>
        </span>
      }
    >
      {visits.length === 0 && <p className="text-ink-soft">{msg.nobodyIsBookedForToday}</p>}
      <ul className="-my-2 divide-y divide-hair">
        {inOrder(visits).map((visit) => (
          <li
            key={visit.id}
            className={`grid grid-cols-[minmax(3.500rem,max-content)_minmax(0,1fr)] gap-x-3 gap-y-1 py-1 sm:grid-cols-[minmax(3.500rem,max-content)_minmax(0,1fr)_8.500rem_auto] sm:items-center xl:grid-cols-[minmax(3.500rem,max-content)_minmax(0,1fr)_11.500rem_8.500rem_auto] ${isOver(visit) ? 'text-ink-soft' : ''}`}
          >
            <time dateTime={visit.time} className="self-start pt-2 text-lg font-bold sm:self-center sm:pt-0">
              {dateText(`${visit.day}T${visit.time}`, 'time')}
            </time>
            <span className="min-w-0 leading-snug">
              <Button
                look="bare"
                className="block min-h-11 max-w-full truncate text-left font-bold underline decoration-line underline-offset-4 lg:min-h-0"
                aria-label={msg.changeTheVisitOf(nameOf(visit))}
                onClick={() => setEdited({ id: visit.id, entry: entryOf(visit) })}
              >
                {nameOf(visit)}
              </Button>
              <span className="block truncate text-sm empty:hidden">
                {[visit.isWalkIn && msg.aWalkIn, carName(visit.vehicleId), visit.note].filter(Boolean).join(' · ')}
              </span>
              <span className="xl:hidden">
                <Standing visit={visit} />
              </span>
            </span>
            <span className="hidden xl:block" data-tour="verdict">
              <Standing visit={visit} />
            </span>
            <div className="col-span-2 grid grid-cols-2 gap-2 sm:contents">
              <SelectField
                label={msg.whereStands(visit.who)}
                hidesLabel
                value={visit.state}
                options={VISIT_STATES.map((id) => ({ id, label: STATE_WORD[id] }))}
                onChange={(state) => change(visit, { state: state as VisitState })}
              />
              {visit.fitting ? (
                <Link
                  to={`/fittings/${visit.fitting.id}`}
                  aria-label={msg.openTheFittingOf(visit.who)}
                  className="inline-flex min-h-11 min-w-24 items-center justify-center rounded-[3px] border border-ink px-3.5 font-semibold hover:bg-shoal"
                >
                  {msg.open}
                </Link>
              ) : (
                <Button
                  className="min-w-24"
                  aria-label={msg.beginTheFittingOf(visit.who)}
                  onClick={() => void begin(visit)}
                >
                  {msg.begin}
                </Button>
              )}
            </div>
          </li>
        ))}
      </ul>
      {beginning && (
        <Suspense fallback={null}>
          <NewFittingDialog
            open
            visit={beginning}
            onOpenChange={(isOpen) => !isOpen && setBeginning(undefined)}
            onCreated={go}
          />
        </Suspense>
      )}
      {edited && (
        <Suspense fallback={null}>
          <VisitDialog
            key={edited.id ?? 'new'}
            entry={edited.entry}
            isNew={edited.id === null}
            onClose={() => setEdited(undefined)}
            onKeep={async (entry) => {
              await (edited.id === null ? api.addVisit(entry) : keepVisit(edited.id, entry, edited.entry))
              setEdited(undefined)
              await loadToday()
            }}
            onRemove={() =>
              void api.removeVisit(edited.id ?? '').then(() => {
                toast(msg.takenOffTheQueue, {
                  action: {
                    label: msg.undo,
                    onClick: () => void api.addVisit(edited.entry).then(() => loadToday(), sayRefusal),
                  },
                })
                setEdited(undefined)
                return loadToday()
              }, sayRefusal)
            }
          />
        </Suspense>
      )}
    </Panel>
  )
}
