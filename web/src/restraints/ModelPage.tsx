import { drawingsOfModel } from '@nimble-anchor/core/drawings'
import { lintModel } from '@nimble-anchor/core/readings'
import { modelName, ROUTE_KINDS, routeKindOf, type Mode, type RestraintModel } from '@nimble-anchor/core/restraint'
import { partAsked, unreadIn } from '@nimble-anchor/core/rules'
import { Pencil } from 'lucide-react'
import { useEffect } from 'react'
import { Link, useNavigate, useParams } from 'react-router'
import { ON_OPENING } from '../session/queries.ts'
import { DemoMark } from '../demo/DemoMark.tsx'
import { DrawingView } from '../drawings/DrawingView.tsx'
import { ModeBars } from '../fitting/choose/ModeBars.tsx'
import { BarGradients } from '../fitting/choose/RangeBar.tsx'
import { useCatalogue } from '../session/catalogue.ts'
import { Button } from '../ui/Button.tsx'
import { Missing } from '../ui/Missing.tsx'
import { Page } from '../ui/Page.tsx'
import { Panel } from '../ui/Panel.tsx'
import { StateMark } from '../ui/StateMark.tsx'
import { Units } from './Units.tsx'
import * as msg from './messages.en.ts'

const NOBODY = { massKg: undefined, statureCm: undefined, ageMonths: undefined }

/** One model to look up: what it is, whom it takes, how it is fixed, and the units of it on the shelf. */
export default function ModelPage() {
  const { id = '' } = useParams()
  const { catalogue, status } = useCatalogue(ON_OPENING)
  const navigate = useNavigate()
  const model = catalogue?.models?.find((m) => m.id === id)
  useEffect(() => {
    document.title = msg.nimbleAnchor(model ? modelName(model) : msg.restraint)
  }, [model])
  if (!catalogue)
    return <p className="p-8 text-ink-soft">{status === 'failed' ? msg.theServerDoesNotAnswer2 : msg.loading}</p>
  if (!model) return <Missing title={msg.thereIsNoSuchRestraint} to="/restraints" label={msg.allRestraints} />
  const lints = lintModel(model)
  const unread = unreadIn(model)
  return (
    <Page>
      <div className="mb-3 flex flex-wrap items-center justify-between gap-x-6 gap-y-2">
        <div className="flex flex-wrap items-center gap-x-4">
          <Link to="/restraints" className="inline-flex min-h-11 items-center underline underline-offset-4">
            {msg.allRestraints}
          </Link>
          <h1 className="text-3xl font-bold tracking-tight">{modelName(model)}</h1>
          <DemoMark kind="models" id={model.id} />
          <p className="text-ink-soft">{[massText(model), lifeText(model)].join(' · ')}</p>
        </div>
        <Button onClick={() => void navigate(`/restraints/${model.id}/edit`)}>
          <Pencil size={18} aria-hidden="true" />
          {msg.editFromTheManual}
        </Button>
      </div>
      {lints.length > 0 && (
        <div className="mb-3 border-l-4 border-stale bg-sheet p-3">
          <StateMark state="undecided" word={msg.contradictsItsRegulation3} size={14} />
          <ul className="text-sm">
            {lints.map((l) => (
              <li key={l.message}>{l.message}</li>
            ))}
          </ul>
        </div>
      )}
      <div className="grid grid-cols-[minmax(0,1fr)] gap-3 lg:min-h-0 lg:flex-1 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)] lg:grid-rows-[minmax(0,1fr)]">
        <Panel title={msg.whomItTakesAndHow} fills>
          <BarGradients />
          <ul className="-my-2 divide-y divide-hair">
            {model.modes.map((mode) => (
              <ModeRow key={mode.id} model={model} mode={mode} />
            ))}
          </ul>
          {unread.length > 0 && (
            <div className="mt-3">
              <StateMark state="undecided" word={msg.notReadYetAskedAt} size={14} />
              <ul className="text-sm">
                {unread.map(({ where, needs }) => (
                  <li key={where}>
                    <b>{where}</b> {needs.map(partAsked).join('; ')}
                  </li>
                ))}
              </ul>
            </div>
          )}
        </Panel>
        <Units
          model={model}
          units={(catalogue.units ?? []).filter((u) => u.modelId === model.id)}
          taken={(catalogue.units ?? []).map((u) => u.id)}
        />
      </div>
    </Page>
  )
}

const massText = ({ massKg }: RestraintModel): string => (massKg === undefined ? msg.massNotKnownYet : `${massKg} kg`)
const lifeText = ({ lifeYears }: RestraintModel): string =>
  lifeYears === undefined ? msg.lifeNotKnownYet : msg.mayBeUsedForYears(lifeYears)

function ModeRow({ model, mode }: { readonly model: RestraintModel; readonly mode: Mode }) {
  const { regulation, series } = mode.approval
  const groups = mode.approval.regulation === 'R44' ? ` group ${mode.approval.groups.join(', ')}` : ''
  const drawn = drawingsOfModel(model, mode)
  return (
    <li className="grid gap-x-4 gap-y-2 py-3 sm:grid-cols-[13rem_minmax(0,1fr)]">
      {drawn && <DrawingView drawing={drawn.side} className="w-full border border-hair" />}
      <div className="min-w-0">
        <p className="flex flex-wrap items-baseline justify-between gap-x-4">
          <b>{mode.label}</b>
          <span className="text-sm text-ink-soft">{msg.un(regulation, series, groups)}</span>
        </p>
        <ModeBars mode={mode} child={NOBODY} answer={null} forecast={undefined} />
        <ul className="mt-1 text-sm">
          {mode.routes.map((route) => {
            const kind = ROUTE_KINDS[routeKindOf(mode, route)]
            return <li key={route.id}>{route.label === kind ? kind : `${route.label}: ${kind}`}</li>
          })}
        </ul>
      </div>
    </li>
  )
}
