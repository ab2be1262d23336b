import { dateText } from '@nimble-anchor/core/quantities'
import {
  DIRECTION_WORD,
  lifeEnd,
  modelName,
  type RestraintModel,
  type RestraintUnit,
} from '@nimble-anchor/core/restraint'
import { Pencil } from 'lucide-react'
import { useEffect, useState } from 'react'
import { Link, useNavigate, useParams } from 'react-router'
import { toast } from 'sonner'
import { ON_OPENING, useAnswer } from '../session/queries.ts'
import { DemoMark } from '../demo/DemoMark.tsx'
import { BeginJob } from '../jobs/BeginJob.tsx'
import { JOB_MARK } from '../jobs/jobMark.ts'
import { api, NOTHING_SEEN } from '../session/api.ts'
import { loadCatalogue, useCatalogue } from '../session/catalogue.ts'
import { LeftTheirs } from '../session/meanwhile.ts'
import { useMay } from '../session/who.ts'
import { useDay } from '../session/today.ts'
import { Button } from '../ui/Button.tsx'
import { closedWord } from '../ui/closedWord.ts'
import { Dialog } from '../ui/Dialog.tsx'
import { Missing } from '../ui/Missing.tsx'
import { Page } from '../ui/Page.tsx'
import { Panel } from '../ui/Panel.tsx'
import { sayRefusal } from '../ui/refusal.ts'
import { StateMark, VERDICT_MARK } from '../ui/StateMark.tsx'
import { VERDICT_TEXT } from '@nimble-anchor/core/verdict'
import { UnitForm } from './UnitForm.tsx'
import { unitState } from './unitState.ts'
import { keepUnit } from './unitStore.ts'
import * as msg from './messages.en.ts'

/** Where it has been lately; the whole of it stands in the logbook. */
const LATELY = 12

/** One piece on the shelf: its state, how it is set up, the jobs on it, and where it has been. */
export default function UnitPage() {
  const { id = '' } = useParams()
  const { catalogue, status } = useCatalogue(ON_OPENING)
  const unit = catalogue?.units?.find((u) => u.id === id)
  const model = catalogue?.models?.find((m) => m.id === unit?.modelId)
  useEffect(() => {
    document.title = msg.nimbleAnchor(unit?.serial ?? msg.unit2)
  }, [unit?.serial])
  if (!catalogue)
    return <p className="p-8 text-ink-soft">{status === 'failed' ? msg.theServerDoesNotAnswer2 : msg.loading}</p>
  if (!unit || !model) return <Missing title={msg.thereIsNoSuchUnit} to="/restraints" label={msg.allRestraints} />
  return <Unit model={model} unit={unit} />
}

function Unit({ model, unit }: { readonly model: RestraintModel; readonly unit: RestraintUnit }) {
  const today = useDay((d) => d.today, ON_OPENING)
  const navigate = useNavigate()
  const [isEditing, setEditing] = useState(false)
  const isLead = useMay('lead')
  const mayFit = useMay('lead', 'fitter', 'trainee')
  const jobs = useAnswer({ queryKey: ['jobs', unit.id], queryFn: () => api.jobs(unit.id), ...ON_OPENING })
  const been = useAnswer({
    queryKey: ['been', unit.id],
    queryFn: () => api.logbook(`unitId=${encodeURIComponent(unit.id)}`, 0, LATELY),
    ...ON_OPENING,
  })
  const state = unitState(model, unit, today)
  return (
    <Page hasVerdicts>
      <div className="mb-3 flex flex-wrap items-center justify-between gap-x-6 gap-y-2">
        <div className="flex flex-wrap items-center gap-x-4">
          <Link
            to={`/restraints/${model.id}`}
            className="inline-flex min-h-11 items-center underline underline-offset-4"
          >
            {modelName(model)}
          </Link>
          <h1 className="text-3xl font-bold tracking-tight">{unit.serial}</h1>
          <DemoMark kind="units" id={unit.id} />
          <span>
            <StateMark state={state.mark} size={16} /> {state.text}
          </span>
        </div>
        {isLead && (
          <Button onClick={() => setEditing(true)}>
            <Pencil size={18} aria-hidden="true" />
            {msg.changeWhatIsKnown}
          </Button>
        )}
      </div>
      {unit.isRecalled === true && (
        <p className="mb-3 border-l-4 border-fail bg-sheet p-3">
          <b>{msg.recalled}</b>{' '}
          <Link
            to={`/logbook?unitId=${encodeURIComponent(unit.id)}&status=signed`}
            className="underline underline-offset-4"
          >
            {msg.findTheFamiliesWhoWere}
          </Link>
        </p>
      )}
      <div className="grid grid-cols-[minmax(0,1fr)] gap-3 lg:min-h-0 lg:flex-1 lg:grid-cols-3 lg:grid-rows-[minmax(0,1fr)]">
        <Panel title={msg.whatIsKnownOfIt} fills>
          <Facts model={model} unit={unit} />
        </Panel>
        <Panel title={msg.jobs} fills>
          {jobs.isError && <p role="alert">{msg.theServerDoesNotAnswer2}</p>}
          {jobs.data?.length === 0 && <p className="text-ink-soft">{msg.noneYet}</p>}
          <ul className="-my-2 divide-y divide-hair">
            {(jobs.data ?? []).map((job) => (
              <li key={job.id}>
                <Link to={`/jobs/${job.id}`} className="block min-h-11 py-2 hover:bg-shoal">
                  <b>{job.plan.title}</b>
                  <span className="flex flex-wrap items-baseline justify-between gap-x-3 text-sm">
                    <StateMark state={JOB_MARK[job.state].mark} word={JOB_MARK[job.state].word} size={14} />
                    <span className="text-ink-soft">{dateText(job.endedAt ?? job.startedAt)}</span>
                  </span>
                </Link>
              </li>
            ))}
          </ul>
          {mayFit && <BeginJob model={model} unit={unit} />}
        </Panel>
        <Panel
          title={msg.whereItHasBeen}
          fills
          aside={
            been.data !== undefined &&
            been.data.total > 0 && (
              <Link
                to={`/logbook?unitId=${encodeURIComponent(unit.id)}`}
                className="inline-flex min-h-11 items-center underline underline-offset-4"
              >
                {been.data.total === 1 ? msg.n1Fitting : msg.allFittings(been.data.total)}
              </Link>
            )
          }
        >
          {been.isError && <p role="alert">{msg.theServerDoesNotAnswer2}</p>}
          {been.data?.total === 0 && <p className="text-ink-soft">{msg.itWasInNoCar}</p>}
          <ul className="-my-2 divide-y divide-hair">
            {(been.data?.rows ?? []).map((row) => (
              <li key={row.id}>
                <Link to={`/fittings/${row.id}`} className="block min-h-11 py-1.5 hover:bg-shoal">
                  <span className="flex flex-wrap items-baseline justify-between gap-x-3">
                    <b>{row.childName}</b>
                    <span className="text-sm text-ink-soft">{dateText(row.createdAt)}</span>
                  </span>
                  <span className="flex flex-wrap items-baseline justify-between gap-x-3 text-sm">
                    <span>{row.vehicleName ?? msg.noCarYet}</span>
                    <StateMark
                      state={VERDICT_MARK[row.verdict]}
                      word={row.status === 'signed' ? closedWord(row) : VERDICT_TEXT[row.verdict]}
                      size={14}
                    />
                  </span>
                </Link>
              </li>
            ))}
          </ul>
        </Panel>
      </div>
      <Dialog open={isEditing} onOpenChange={setEditing} title={msg.unit(unit.serial)}>
        <UnitForm
          key={JSON.stringify(unit)}
          model={model}
          unit={unit}
          isNew={false}
          onKeep={(next) =>
            void keepUnit(next, unit).then(
              () => {
                setEditing(false)
                return loadCatalogue()
              },
              (error: unknown) => {
                sayRefusal(error)
                if (error instanceof LeftTheirs) setEditing(false)
                void loadCatalogue()
              },
            )
          }
          onRemove={() =>
            void api.removeFromCatalogue('units', unit.id).then(() => {
              toast(msg.unitRemoved(unit.serial), {
                action: {
                  label: msg.undo,
                  onClick: () => void keepUnit(unit, NOTHING_SEEN).then(loadCatalogue, sayRefusal),
                },
              })
              void navigate(`/restraints/${model.id}`)
              return loadCatalogue()
            }, sayRefusal)
          }
        />
      </Dialog>
    </Page>
  )
}

const said = (value: boolean | undefined, yes: string, no: string): string =>
  value === undefined ? msg.notKnownYet : value ? yes : no
const HARNESS = { in: msg.inPlace, stowed: msg.stowed } as const

/** What is not known is said so, and never left out. */
function Facts({ model, unit }: { readonly model: RestraintModel; readonly unit: RestraintUnit }) {
  const date = (iso: string | undefined): string => (iso === undefined ? msg.notKnownYet : dateText(iso))
  const part = model.parts?.find((p) => p.id === unit.partId)
  const rows: readonly (readonly [string, string])[] = [
    [msg.shelf, unit.shelf ?? msg.noShelfNamed],
    [msg.made, date(unit.madeOn)],
    [msg.lifeEnds, date(lifeEnd({ model, unit }))],
    [msg.history, said(unit.isHistoryKnown, msg.known, msg.notKnownNotForUse)],
    [msg.crash, said(unit.wasInCrash, msg.wasInOneNotFor, msg.none)],
    [msg.recall, said(unit.isRecalled, msg.recalledNotForUse, msg.none)],
    [msg.parts, said(unit.isComplete, msg.complete, msg.missingNotForUse)],
    ...(part ? [[msg.whichPart, part.name] as const] : []),
    ...(unit.harness ? [[msg.harness, HARNESS[unit.harness]] as const] : []),
    ...(unit.direction ? [[msg.stands, DIRECTION_WORD[unit.direction]] as const] : []),
    ...(unit.note ? [[msg.note, unit.note] as const] : []),
  ]
  return (
    <dl className="grid grid-cols-[7rem_minmax(0,1fr)] gap-x-3">
      {rows.map(([label, value]) => (
        <div key={label} className="col-span-2 grid grid-cols-subgrid border-b border-hair py-1.5">
          <dt className="text-ink-soft">{label}</dt>
          <dd className={value.startsWith('not known yet') ? 'text-stale' : 'font-semibold'}>{value}</dd>
        </div>
      ))}
    </dl>
  )
}
