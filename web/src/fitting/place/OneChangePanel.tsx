import { type Case } from '@nimble-anchor/core/casefile'
import { type Catalogue } from '@nimble-anchor/core/formats'
import { distinctChanges, findOneChange, putsForChange, type OneChange, type Wanted } from '@nimble-anchor/core/match'
import { modelName } from '@nimble-anchor/core/restraint'
import { vehicleName } from '@nimble-anchor/core/vehicle'
import { useMemo, useState } from 'react'
import { stockOf } from '../../session/catalogue.ts'
import { useFitting } from '../../session/fitting.ts'
import { Button } from '../../ui/Button.tsx'
import { Panel } from '../../ui/Panel.tsx'
import { StateMark } from '../../ui/StateMark.tsx'
import type { StageProps } from '../stages.ts'
import * as msg from './messages.en.ts'

interface Props {
  readonly current: Case
  readonly wanted: Wanted
  /** No place of the car holds for this mode at all. */
  readonly isNowhere: boolean
  readonly catalogue: Catalogue | null
  readonly isSigned: boolean
  readonly goTo: StageProps['goTo']
}

const KIND_TEXT: Record<OneChange['kind'], string> = {
  place: msg.anotherPlace,
  route: msg.anotherRoute,
  mode: msg.anotherModeOfThisRestraint,
  vehicle: msg.anotherCar,
  restraint: msg.anotherRestraint,
}
const SHOWN = 5

/** What is new, then where it stands. */
function changeText({ kind, model, mode, unit, vehicle, position, route }: OneChange): string {
  const there = `${position.label}, ${route.label}`
  switch (kind) {
    case 'place':
      return there
    case 'route':
      return route.label
    case 'mode':
      return `${mode.label}; ${there}`
    case 'vehicle':
      return `${[vehicleName(vehicle), vehicle.plate].filter(Boolean).join(', ')}; ${there}`
    case 'restraint':
      return `${modelName(model)}, ${mode.label}${unit ? ` (${unit.serial})` : ''}; ${there}`
  }
}

/** The single changes that would let this child travel, found by trying each. */
export function OneChangePanel({ current, wanted, isNowhere, catalogue, isSigned, goTo }: Props) {
  const put = useFitting((s) => s.put)
  const [showsAll, setShowsAll] = useState(false)
  const { model, unit, mode, vehicle, position, route } = wanted
  const changes = useMemo(() => {
    if (!catalogue) return null
    const shelf = stockOf(catalogue).filter((item) => item.unit !== undefined)
    return distinctChanges(
      findOneChange(current, { model, unit, mode, vehicle, position, route }, catalogue.vehicles ?? [], shelf),
    )
  }, [catalogue, current, model, unit, mode, vehicle, position, route])
  if (!changes) return null
  const shown = showsAll ? changes : changes.slice(0, SHOWN)
  return (
    <Panel title={isNowhere ? msg.noPlaceOfThisCar : msg.oneChangeThatWouldHold}>
      {changes.length === 0 && <p>{msg.noSingleChangeHelpsNo}</p>}
      <ul className="-my-1 divide-y divide-hair">
        {shown.map((change) => (
          <li
            key={[change.kind, change.vehicle.id, change.unit?.id, change.mode.id, change.position.id].join('/')}
            className="flex flex-wrap items-center justify-between gap-x-3 gap-y-1 py-2"
          >
            <span className="flex min-w-0 flex-1 basis-72 items-start gap-2">
              <span className="pt-0.5">
                <StateMark state={change.decision} />
              </span>
              <span className="min-w-0">
                <span className="block text-sm font-semibold text-ink-soft">
                  {KIND_TEXT[change.kind]}
                  {change.decision === 'undecided' && msg.ifWhatIsNotKnown}
                  {change.isAdvisedAgainst && msg.whichYourProfileAdvisesAgainst}
                </span>
                <span className="block font-bold">{changeText(change)}</span>
              </span>
            </span>
            {!isSigned && (
              <Button
                aria-label={msg.changeToThis2(changeText(change))}
                onClick={() => {
                  if (put(putsForChange(current, change)).length === 0 && change.decision === 'pass') goTo('set-up')
                }}
              >
                {msg.changeToThis}
              </Button>
            )}
          </li>
        ))}
      </ul>
      {changes.length > SHOWN && (
        <Button look="quiet" onClick={() => setShowsAll(!showsAll)}>
          {showsAll ? msg.showFewer : msg.showAll(changes.length)}
        </Button>
      )}
    </Panel>
  )
}
