import { dateText } from '@nimble-anchor/core/quantities'
import type { FamilyView } from '@nimble-anchor/core/formats'
import { Grid3x3, Pencil } from 'lucide-react'
import { useEffect, useState, type ReactNode } from 'react'
import { Link, useParams } from 'react-router'
import { familyAsked } from '../session/families.ts'
import { ON_OPENING, queries, useAnswer } from '../session/queries.ts'
import { DemoMark } from '../demo/DemoMark.tsx'
import { notSo, RECHECK_WORD } from '../recheck/words.ts'
import { Refused } from '../session/api.ts'
import { useDay } from '../session/today.ts'
import { Button } from '../ui/Button.tsx'
import { Dialog } from '../ui/Dialog.tsx'
import { Missing } from '../ui/Missing.tsx'
import { Page } from '../ui/Page.tsx'
import { Panel } from '../ui/Panel.tsx'
import { StateMark } from '../ui/StateMark.tsx'
import { Tabs } from '../ui/Tabs.tsx'
import { ChildrenAhead } from './ChildrenAhead.tsx'
import { EarlierReadings } from './EarlierReadings.tsx'
import { Keeping } from './Keeping.tsx'
import { NoteForm } from './NoteForm.tsx'
import { Rides } from './Rides.tsx'
import * as msg from './messages.en.ts'

/** One family: children and what is ahead of each, rides, readings; exported and erased from here. */
export default function FamilyPage() {
  const { id = '' } = useParams()
  const asked = useAnswer(familyAsked(id))
  const today = useDay((d) => d.today, ON_OPENING)
  const [isNaming, setNaming] = useState(false)
  useEffect(() => {
    // A title stays in the browser's history: it names nobody.
    document.title = msg.familyNimbleAnchor
  }, [])
  const view = asked.data
  if (view === undefined) {
    if (asked.error instanceof Refused)
      return <Missing title={msg.thereIsNoSuchFamily} to="/families" label={msg.allFamilies} />
    return asked.isError ? (
      <p role="alert" className="p-8">
        {msg.theServerDoesNotAnswerLoad}
      </p>
    ) : (
      <p className="p-8 text-ink-soft">{msg.loading}</p>
    )
  }
  const keep = (next: FamilyView): void => void queries.setQueryData(familyAsked(id).queryKey, next)
  return (
    <Page hasVerdicts>
      <div className="mb-2 flex flex-wrap items-center justify-between gap-x-6 gap-y-2">
        <div className="flex flex-wrap items-center gap-x-4">
          <Link to="/families" className="inline-flex min-h-11 items-center underline underline-offset-4">
            {msg.allFamilies}
          </Link>
          <h1 className="text-3xl font-bold tracking-tight">{view.name}</h1>
          <DemoMark kind="families" id={view.id} />
          {view.note !== '' && <p className="max-w-md truncate text-ink-soft">{view.note}</p>}
        </div>
        <div className="flex flex-wrap gap-2">
          {view.children.length > 0 && (
            <Link
              to={`/arrange?family=${view.id}`}
              className="inline-flex min-h-11 items-center gap-2 rounded-[3px] border border-ink bg-sheet px-3.5 font-semibold hover:bg-shoal"
            >
              <Grid3x3 size={18} aria-hidden="true" />
              {msg.arrangeInOneCar}
            </Link>
          )}
          <Button onClick={() => setNaming(true)}>
            <Pencil size={18} aria-hidden="true" />
            {msg.nameAndNote}
          </Button>
          <Keeping view={view} />
        </div>
      </div>
      <ChildrenAhead view={view} today={today} onMoved={() => void asked.refetch()} />
      <div className="mt-3 grid min-h-0 grid-cols-[minmax(0,1fr)] gap-3 lg:flex-1 lg:grid-cols-2 lg:grid-rows-[minmax(0,1fr)]">
        <Panel title={msg.rides} fills>
          <Rides fittings={view.fittings} />
        </Panel>
        <Tabs
          label={msg.moreOfThisFamily}
          tabs={[
            {
              id: 'readings',
              label: msg.earlierReadings,
              content: (
                <Sheet>
                  <EarlierReadings familyChildren={view.children} />
                </Sheet>
              ),
            },
            {
              id: 'restraints',
              label: msg.restraintsAndCars,
              content: (
                <Sheet>
                  <Things view={view} />
                </Sheet>
              ),
            },
            {
              id: 'home',
              label: msg.lookedAtAgain(view.rechecks.length),
              content: (
                <Sheet>
                  <LookedAgain view={view} />
                </Sheet>
              ),
            },
          ]}
        />
      </div>
      <Dialog open={isNaming} onOpenChange={setNaming} title={msg.nameAndNote2}>
        <NoteForm
          view={view}
          onKept={(next) => {
            keep(next)
            setNaming(false)
          }}
        />
      </Dialog>
    </Page>
  )
}

/** What a tab shows, on paper of its own as the rides beside it. */
function Sheet({ children }: { readonly children: ReactNode }) {
  return <div className="min-h-full rounded-[3px] border border-line bg-sheet p-2.5">{children}</div>
}

function Things({ view }: { readonly view: FamilyView }) {
  return (
    <div className="grid gap-3 p-1 sm:grid-cols-2">
      <section>
        <h3 className="font-bold">{msg.restraintsHandedOver}</h3>
        {view.restraints.length === 0 && <p className="text-ink-soft">{msg.noneYet}</p>}
        <ul>
          {view.restraints.map((r) => (
            <li key={`${r.name}${r.serial ?? ''}`} className="py-1">
              {r.name}
              {r.serial !== null && msg.unit(r.serial)}, <span className="text-ink-soft">{dateText(r.lastAt)}</span>
            </li>
          ))}
        </ul>
      </section>
      <section>
        <h3 className="font-bold">{msg.cars}</h3>
        {view.cars.length === 0 && <p className="text-ink-soft">{msg.noneYet}</p>}
        <ul>
          {view.cars.map((car) => (
            <li key={car} className="py-1">
              {car}
            </li>
          ))}
        </ul>
      </section>
    </div>
  )
}

function LookedAgain({ view }: { readonly view: FamilyView }) {
  if (view.rechecks.length === 0) return <p className="p-1 text-ink-soft">{msg.nobodyHasLookedAgainAt}</p>
  return (
    <ul className="divide-y divide-hair p-1">
      {view.rechecks.map((r) => (
        <li key={r.id} className="flex flex-wrap gap-x-3 py-2">
          <StateMark state={r.kind} word={RECHECK_WORD[r.kind]} />
          <span className="text-ink-soft">
            {r.who}, {dateText(r.answeredAt)}
          </span>
          <span>{notSo(r)}</span>
        </li>
      ))}
    </ul>
  )
}
