import { VISIT_STATES, type VisitState, type VisitView } from '@nimble-anchor/core/formats'
import { STAGE_TEXT, VERDICT_TEXT } from '@nimble-anchor/core/verdict'
import { Plus } from 'lucide-react'
import { lazy, Suspense, useEffect, useState } from 'react'
import { Link, useNavigate } from 'react-router'
import { useCommands } from '../app/commands.ts'
import { api, type VisitEntry } from '../session/api.ts'
import { keepSeen } from '../session/meanwhile.ts'
import { useCatalogue } from '../session/catalogue.ts'
import { useToday } from '../session/today.ts'
import { Button } from '../ui/Button.tsx'
import { closedWord } from '../ui/closedWord.ts'
import { useLater } from '../ui/useLater.ts'
import { Panel } from '../ui/Panel.tsx'
import { sayRefusal } from '../ui/refusal.ts'
import { SelectField } from '../ui/SelectField.tsx'
import { StateMark, VERDICT_MARK } from '../ui/StateMark.tsx'
import { toast } from 'sonner'

const STATE_WORD: Record<VisitState, string> = {
  expected: 'expected',
  here: 'here',
  done: 'done',
  away: 'did not come',
}

const entryOf = ({ id: _id, familyId: _familyId, fitting, ...visit }: VisitView): VisitEntry => ({
  ...visit,
  fittingId: fitting?.id ?? null,
})

const visitDialog = () => import('./VisitDialog.tsx')
const VisitDialog = lazy(visitDialog)

/** The time now, as a visit keeps it. */
export function timeNow(now = new Date()): string {
  return `${String(now.getHours()).padStart(2, '0')}:${String(now.getMinutes()).padStart(2, '0')}`
}

const emptyVisit = (day: string, isWalkIn: boolean): VisitEntry => ({ day, time: timeNow(), who: '', note: '', isWalkIn, state: isWalkIn ? 'here' : 'expected', childId: null, vehicleId: null, fittingId: null }) // prettier-ignore

const keepVisit = (id: string, entry: VisitEntry, seen: VisitEntry) =>
  keepSeen(`The visit of ${seen.who}`, entry, seen, (at) => api.changeVisit(id, entry, at))

/** The bay's queue: who comes when, where each stands; a tap begins the fitting. */
export function Queue() {
  const isLater = useLater()
  // The server may be away when somebody comes: the dialog is here by then.
  useEffect(() => {
    if (isLater) visitDialog().catch(() => undefined)
  }, [isLater])
  const visits = useToday((s) => s.day?.visits)
  const today = useToday((s) => s.today)
  const load = useToday((s) => s.load)
  const vehicles = useCatalogue((s) => s.catalogue?.vehicles)
  const navigate = useNavigate()
  const [edited, setEdited] = useState<{ readonly id: string | null; readonly entry: VisitEntry }>()
  const register = useCommands((s) => s.register)
  useEffect(() => {
    if (today === undefined) return
    return register([
      {
        id: 'walk-in',
        label: 'Walk-in: note a family that comes',
        group: 'Do',
        key: 'w',
        run: () => setEdited({ id: null, entry: emptyVisit(today, true) }),
      },
    ])
  }, [register, today])
  if (!visits || today === undefined) return null

  const change = (visit: VisitView, over: Partial<VisitEntry>): void =>
    void keepVisit(visit.id, { ...entryOf(visit), ...over }, entryOf(visit)).then(load, (error: unknown) => {
      sayRefusal(error)
      void load()
    })
  async function begin(visit: VisitView): Promise<void> {
    if (visit.childId === null) return setEdited({ id: visit.id, entry: entryOf(visit) })
    try {
      const fitting = await api.create(visit.childId, visit.vehicleId ?? undefined)
      await keepVisit(visit.id, { ...entryOf(visit), fittingId: fitting.id, state: 'here' }, entryOf(visit))
      void navigate(`/fittings/${fitting.id}/measure`)
    } catch (error) {
      sayRefusal(error)
    }
  }
  const carName = (id: string | null): string | undefined => {
    const car = vehicles?.find((v) => v.id === id)
    return car && [car.model, car.plate].filter(Boolean).join(', ')
  }
  return (
    <Panel
      title="Queue"
      aside={
        <span className="flex gap-2">
          <Button onClick={() => setEdited({ id: null, entry: emptyVisit(today, true) })}>
            <Plus size={18} aria-hidden="true" /> Walk-in
          </Button>
          <Button onClick={() => setEdited({ id: null, entry: emptyVisit(today, false) })}>
            <Plus size={18} aria-hidden="true" /> Book
          </Button>
        </span>
      }
    >
      {visits.length === 0 && (
        <p className="text-ink-soft">Nobody is booked for today. A walk-in is noted as it comes.</p>
      )}
      <ul className="-my-2 divide-y divide-hair">
        {visits.map((visit) => (
          <li
            key={visit.id}
            className={`grid grid-cols-[3.500rem_minmax(0,1fr)] gap-x-4 gap-y-1 py-2 sm:grid-cols-[3.500rem_minmax(0,1fr)_9rem_auto] sm:items-center ${visit.state === 'done' || visit.state === 'away' ? 'text-ink-soft' : ''}`}
          >
            <time className="self-start pt-2 text-lg font-bold sm:self-center sm:pt-0">{visit.time}</time>
            <span className="min-w-0">
              <Button
                look="bare"
                className="min-h-11 text-left font-bold underline decoration-line underline-offset-4"
                aria-label={`Change the visit of ${visit.who}`}
                onClick={() => setEdited({ id: visit.id, entry: entryOf(visit) })}
              >
                {visit.who}
              </Button>
              <span className="block text-sm empty:hidden">
                {[visit.isWalkIn && 'walk-in', carName(visit.vehicleId), visit.note].filter(Boolean).join(' · ')}
              </span>
              {visit.fitting && (
                <span className="block">
                  <StateMark
                    state={VERDICT_MARK[visit.fitting.verdict]}
                    word={
                      visit.fitting.status === 'signed'
                        ? closedWord(visit.fitting)
                        : `${STAGE_TEXT[visit.fitting.stage]}: ${VERDICT_TEXT[visit.fitting.verdict].toLowerCase()}`
                    }
                  />
                </span>
              )}
            </span>
            <div className="col-span-2 grid grid-cols-2 gap-2 sm:contents">
              <SelectField
                label={`Where ${visit.who} stands`}
                hidesLabel
                value={visit.state}
                options={VISIT_STATES.map((id) => ({ id, label: STATE_WORD[id] }))}
                onChange={(state) => change(visit, { state: state as VisitState })}
              />
              {visit.fitting ? (
                <Link
                  to={`/fittings/${visit.fitting.id}`}
                  aria-label={`Open the fitting of ${visit.who}`}
                  className="inline-flex min-h-11 min-w-28 items-center justify-center rounded-[3px] border border-ink px-3.5 font-semibold hover:bg-shoal"
                >
                  Open
                </Link>
              ) : (
                <Button
                  look={visit.state === 'here' ? 'main' : 'plain'}
                  className="min-w-28"
                  aria-label={`Begin the fitting of ${visit.who}`}
                  onClick={() => void begin(visit)}
                >
                  Begin
                </Button>
              )}
            </div>
          </li>
        ))}
      </ul>
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
              await load()
            }}
            onRemove={() =>
              void api.removeVisit(edited.id ?? '').then(() => {
                toast('Taken off the queue.', {
                  action: { label: 'Undo', onClick: () => void api.addVisit(edited.entry).then(load, sayRefusal) },
                })
                setEdited(undefined)
                return load()
              }, sayRefusal)
            }
          />
        </Suspense>
      )}
    </Panel>
  )
}
