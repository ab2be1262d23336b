import { type Child } from '@nimble-anchor/core/child'
import { type AheadView, type FamilyView } from '@nimble-anchor/core/formats'
import { VERDICT_TEXT } from '@nimble-anchor/core/verdict'
import { Download, Trash2 } from 'lucide-react'
import { useEffect, useState } from 'react'
import { Link, useNavigate, useParams } from 'react-router'
import { toast } from 'sonner'
import { notSo, RECHECK_WORD } from '../recheck/words.ts'
import { RoadAhead } from '../fitting/handover/RoadAhead.tsx'
import { api } from '../session/api.ts'
import { keepSeen, LeftTheirs } from '../session/meanwhile.ts'
import { useCatalogue } from '../session/catalogue.ts'
import { forgetFittings } from '../session/erased.ts'
import { useToday } from '../session/today.ts'
import { childSummary } from '../today/childSummary.ts'
import { Button } from '../ui/Button.tsx'
import { closedWord } from '../ui/closedWord.ts'
import { Dialog } from '../ui/Dialog.tsx'
import { Missing } from '../ui/Missing.tsx'
import { useUnsaved } from '../form/unsaved.ts'
import { Panel } from '../ui/Panel.tsx'
import { sayRefusal } from '../ui/refusal.ts'
import { saveFromServer } from '../ui/saveFile.ts'
import { StateMark, VERDICT_MARK } from '../ui/StateMark.tsx'
import { TextField } from '../ui/TextField.tsx'

const day = new Intl.DateTimeFormat(undefined, { day: 'numeric', month: 'short', year: 'numeric' })
const dayOf = (iso: string): string => day.format(new Date(iso))

/** One family: children and what is ahead of each, fittings, cars, restraints; exported and erased from here. */
export default function FamilyPage() {
  const { id = '' } = useParams()
  const [view, setView] = useState<FamilyView | null | 'missing'>(null)
  const today = useToday((s) => s.today)
  useEffect(() => {
    api.family(id).then(setView, () => setView('missing'))
    void useToday.getState().load()
  }, [id])
  useEffect(() => {
    document.title = 'Family · Nimble Anchor'
  }, [])
  if (view === null) return <p className="p-8 text-ink-soft">Loading.</p>
  if (view === 'missing') return <Missing title="There is no such family" to="/families" label="All families" />
  return (
    <div className="mx-auto max-w-5xl p-3 sm:p-5">
      <p>
        <Link to="/families" className="inline-flex min-h-11 items-center underline underline-offset-4">
          All families
        </Link>
      </p>
      <h1 className="mb-3 text-3xl font-bold tracking-tight">{view.name}</h1>
      <div className="flex flex-col gap-3">
        {view.children.map((child) => (
          <ChildPanel
            key={child.id}
            child={child}
            view={view}
            today={today ?? ''}
            onMoved={() => api.family(id).then(setView, () => setView('missing'))}
          />
        ))}
        <Panel title="Fittings">
          {view.fittings.length === 0 && <p className="text-ink-soft">None yet.</p>}
          <ul className="-my-2 divide-y divide-hair">
            {view.fittings.map((f) => (
              <li key={f.id}>
                <Link
                  to={`/fittings/${f.id}`}
                  className="grid min-h-11 gap-x-4 py-2 hover:bg-shoal sm:grid-cols-[7rem_9rem_10.500rem_1fr] sm:items-baseline"
                >
                  <span className="text-ink-soft">{dayOf(f.updatedAt)}</span>
                  <span className="font-bold">{f.childName}</span>
                  <StateMark
                    state={VERDICT_MARK[f.verdict]}
                    word={f.status === 'signed' ? closedWord(f) : VERDICT_TEXT[f.verdict]}
                  />
                  <span>
                    {f.restraintName ?? 'no restraint yet'} · {f.vehicleName ?? 'no car yet'}
                    {f.revises !== null && ' · revision'}
                  </span>
                </Link>
              </li>
            ))}
          </ul>
        </Panel>
        <div className="grid gap-3 md:grid-cols-2">
          <Panel title="Restraints handed over">
            {view.restraints.length === 0 && <p className="text-ink-soft">None yet.</p>}
            <ul>
              {view.restraints.map((r) => (
                <li key={`${r.name}${r.serial ?? ''}`} className="py-1">
                  <b>{r.name}</b>
                  {r.serial !== null && `, unit ${r.serial}`}, <span className="text-ink-soft">{dayOf(r.lastAt)}</span>
                </li>
              ))}
            </ul>
          </Panel>
          <Panel title="Cars">
            {view.cars.length === 0 && <p className="text-ink-soft">None yet.</p>}
            <ul>
              {view.cars.map((car) => (
                <li key={car} className="py-1">
                  {car}
                </li>
              ))}
            </ul>
          </Panel>
        </div>
        {view.rechecks.length > 0 && (
          <Panel title="Looked at again at home">
            <ul className="-my-2 divide-y divide-hair">
              {view.rechecks.map((r) => (
                <li key={r.id} className="flex flex-wrap gap-x-3 py-2">
                  <StateMark state={r.kind} word={RECHECK_WORD[r.kind]} />
                  <span className="text-ink-soft">
                    {r.who}, {dayOf(r.at)}
                  </span>
                  <span>{notSo(r)}</span>
                </li>
              ))}
            </ul>
          </Panel>
        )}
        <NotePanel view={view} onKept={setView} />
        <KeepingPanel view={view} />
      </div>
    </div>
  )
}

function ChildPanel({
  child,
  view,
  today,
  onMoved,
}: {
  child: Child
  view: FamilyView
  today: string
  onMoved: () => void
}) {
  const name = [child.name, child.familyName].filter(Boolean).join(' ')
  const newest = view.fittings.find((f) => f.childId === child.id)
  const [ahead, setAhead] = useState<AheadView | null | 'failed'>(null)
  const [isOpen, setOpen] = useState(false)
  const fittingId = newest?.id
  useEffect(() => {
    if (isOpen && fittingId !== undefined) api.ahead(fittingId).then(setAhead, () => setAhead('failed'))
  }, [isOpen, fittingId])
  return (
    <Panel
      title={name}
      aside={
        <span className="flex flex-wrap gap-2">
          {newest && (
            <Button
              aria-expanded={isOpen}
              aria-label={`${isOpen ? 'Hide the road ahead' : 'Road ahead'}: ${name}`}
              onClick={() => setOpen(!isOpen)}
            >
              {isOpen ? 'Hide the road ahead' : 'Road ahead'}
            </Button>
          )}
          {view.children.length > 1 && (
            <Button
              look="quiet"
              aria-label={`Not of this family: ${name}`}
              onClick={() =>
                void api.moveChild(child.id, null).then(() => {
                  toast(`${name} stands in a family of its own now.`, {
                    action: {
                      label: 'Undo',
                      onClick: () => void api.moveChild(child.id, view.id).then(onMoved, sayRefusal),
                    },
                  })
                  onMoved()
                }, sayRefusal)
              }
            >
              Not of this family
            </Button>
          )}
        </span>
      }
    >
      <p>{today === '' ? '' : childSummary(child, today)}</p>
      {newest ? (
        <p className="text-ink-soft">
          Last: {newest.restraintName ?? 'no restraint yet'}, {newest.vehicleName ?? 'no car yet'},{' '}
          {dayOf(newest.updatedAt)}.{' '}
          <Link
            to={`/fittings/${newest.id}/growth`}
            className="inline-flex min-h-11 items-center underline underline-offset-4"
          >
            Growth
          </Link>
        </p>
      ) : (
        <p className="text-ink-soft">Nothing was fitted yet.</p>
      )}
      {isOpen && fittingId !== undefined && (
        <div className="mt-3">
          <RoadAhead
            fittingId={fittingId}
            today={today}
            known={{ ahead: ahead === 'failed' ? null : ahead, failed: ahead === 'failed' }}
          />
        </div>
      )}
    </Panel>
  )
}

function NotePanel({ view, onKept }: { view: FamilyView; onKept: (view: FamilyView) => void }) {
  const [name, setName] = useState(view.name)
  const [note, setNote] = useState(view.note)
  const isSame = name.trim() === view.name && note === view.note
  useUnsaved('name and note of the family', !isSame)
  return (
    <Panel title="Name and note">
      <form
        className="flex flex-wrap items-end gap-3"
        onSubmit={(e) => {
          e.preventDefault()
          const entry = { name: name.trim(), note }
          const seen = { name: view.name, note: view.note }
          void keepSeen(`The note on ${view.name}`, entry, seen, (at) => api.keepFamily(view.id, entry, at)).then(
            onKept,
            (error: unknown) => {
              sayRefusal(error)
              if (!(error instanceof LeftTheirs)) return
              const theirs = error.standing as typeof entry
              setName(theirs.name)
              setNote(theirs.note)
              onKept({ ...view, ...theirs })
            },
          )
        }}
      >
        <TextField
          label="Family"
          value={name}
          maxLength={120}
          fault={name.trim() === '' ? 'needs a name' : undefined}
          onChange={setName}
        />
        <TextField label="Note" value={note} maxLength={2000} onChange={setNote} className="min-w-64 flex-1" />
        <Button type="submit" disabled={isSame || name.trim() === ''}>
          Keep
        </Button>
      </form>
    </Panel>
  )
}

/** What is kept belongs to the family: it can take it along, and have it erased. */
function KeepingPanel({ view }: { view: FamilyView }) {
  const navigate = useNavigate()
  const [isErasing, setErasing] = useState(false)
  const [typed, setTyped] = useState('')
  async function erase(): Promise<void> {
    try {
      const { erased } = await api.eraseFamily(view.id, typed)
      const { photos } = await forgetFittings(view.fittings.map((f) => f.id)).catch(() => ({ photos: 0 }))
      void useCatalogue.getState().load()
      toast(`Erased: ${view.name}, ${erased} fittings${photos > 0 ? `, ${photos} photos of this device` : ''}.`)
      void navigate('/families')
    } catch (error) {
      sayRefusal(error)
    }
  }
  return (
    <Panel title="What is kept">
      <p className="mb-3 text-ink-soft">
        Measures, fittings with their whole history, and what the carer found at home. It stays on this machine.
      </p>
      <div className="flex flex-wrap gap-2">
        <Button onClick={() => void saveFromServer(`/api/families/${view.id}/export`, 'family.json')}>
          <Download size={18} aria-hidden="true" /> Export everything
        </Button>
        <Button onClick={() => setErasing(true)}>
          <Trash2 size={18} aria-hidden="true" /> Erase this family
        </Button>
      </div>
      <Dialog open={isErasing} onOpenChange={setErasing} title={`Erase ${view.name}`}>
        <p>
          {view.children.length} {view.children.length === 1 ? 'child' : 'children'} and {view.fittings.length} fittings
          with their histories go, and cannot be brought back. Export them first if somebody may ask.
        </p>
        <form
          className="mt-3 flex flex-col gap-3"
          onSubmit={(e) => {
            e.preventDefault()
            void erase()
          }}
        >
          <TextField label={`Type ${view.name} to confirm`} value={typed} onChange={setTyped} />
          <div className="flex gap-2">
            <Button type="submit" look="main" disabled={typed !== view.name}>
              Erase for good
            </Button>
            <Button look="quiet" onClick={() => setErasing(false)}>
              Keep it
            </Button>
          </div>
        </form>
      </Dialog>
    </Panel>
  )
}
