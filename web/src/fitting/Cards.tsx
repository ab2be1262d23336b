import { chosenIn, type Case } from '@nimble-anchor/core/casefile'
import { modelName } from '@nimble-anchor/core/restraint'
import { vehicleName } from '@nimble-anchor/core/vehicle'
import { type Stage } from '@nimble-anchor/core/verdict'
import type { ReactNode } from 'react'
import { childSummary } from '../today/NewFittingDialog.tsx'
import { Button } from '../ui/Button.tsx'

interface Props {
  readonly current: Case
  readonly goTo: (stage: Stage) => void
}

function Card(props: {
  kind: string
  title: string | undefined
  empty: string
  children?: ReactNode
  onOpen: () => void
}) {
  return (
    <li className="min-w-0">
      <Button
        look="bare"
        onClick={props.onOpen}
        className={`block h-full w-full rounded-[3px] border border-l-6 bg-sheet px-2.5 py-1.5 text-left hover:bg-shoal lg:py-2.5 ${props.title ? 'border-line border-l-buff' : 'border-dashed border-line border-l-hair'}`}
      >
        <span className="block text-xs font-semibold tracking-wide text-ink-soft">{props.kind}</span>
        <span className={`block truncate lg:whitespace-normal ${props.title ? 'font-bold' : 'text-ink-soft'}`}>
          {props.title ?? props.empty}
        </span>
        {props.title !== undefined && <span className="hidden text-sm text-ink-soft lg:block">{props.children}</span>}
      </Button>
    </li>
  )
}

/** Child, place and restraint stay in view; each opens the stage where it is settled. */
export function Cards({ current, goTo }: Props) {
  const { model, unit, mode, route, position } = chosenIn(current)
  const { child, vehicle } = current
  return (
    <ul className="grid grid-cols-3 gap-2 lg:grid-cols-1">
      <Card
        kind="Child"
        title={[child.name, child.familyName].filter(Boolean).join(' ')}
        empty=""
        onOpen={() => goTo('measure')}
      >
        {childSummary(child, current.today)}
        {child.note !== undefined && <span className="mt-1 block">{child.note}</span>}
      </Card>
      <Card kind="Place" title={vehicle && vehicleName(vehicle)} empty="no car yet" onOpen={() => goTo('place')}>
        {position?.label ?? 'no place yet'}
        {route && <span className="block">{route.label}</span>}
      </Card>
      <Card kind="Restraint" title={model && modelName(model)} empty="none yet" onOpen={() => goTo('choose')}>
        {mode?.label}
        {model && <span className="block">{unit ? `Unit ${unit.serial}` : 'no unit named'}</span>}
      </Card>
    </ul>
  )
}
