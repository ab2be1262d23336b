import { type Case } from '@nimble-anchor/core/casefile'
import { compareNearness, nearestWay } from '@nimble-anchor/core/match'
import { modelName } from '@nimble-anchor/core/restraint'
import { reasonOf, remedyOf } from '@nimble-anchor/core/rules'
import { type Vehicle, vehicleName } from '@nimble-anchor/core/vehicle'
import { useMemo } from 'react'
import { Button } from '../../ui/Button.tsx'
import { StateMark } from '../../ui/StateMark.tsx'
import type { ModeGroup } from './groupModes.ts'
import { groupKey } from './view.ts'
import * as msg from './messages.en.ts'

/** So many are tried at the car: those that stand first. */
const TRIED = 8
const SHOWN = 5

interface Props {
  readonly current: Case
  readonly vehicle: Vehicle
  readonly groups: readonly ModeGroup[]
  readonly onSelect: (key: string) => void
}

/** Nothing of the list stands in the car: why not, the most promising first. */
export function NoneFits({ current, vehicle, groups, onSelect }: Props) {
  const nearest = useMemo(
    () =>
      groups
        .filter((g) => g.best.decision !== 'fail')
        .slice(0, TRIED)
        .flatMap((group) => {
          const way = nearestWay(current, vehicle, group.best)
          return way ? [{ group, ...way }] : []
        })
        .toSorted(compareNearness)
        .slice(0, SHOWN),
    [current, vehicle, groups],
  )
  return (
    <section aria-label={msg.whyNoneFits} className="p-3">
      <h2 className="font-bold">{msg.noneOfTheseFitsThe(vehicleName(vehicle))}</h2>
      <ul className="mt-1 divide-y divide-hair">
        {nearest.map(({ group, place, refusals }) => (
          <li key={groupKey(group)} className="py-2">
            <Button
              look="bare"
              className="min-h-9 text-left font-semibold underline underline-offset-4 max-lg:min-h-11 pointer-coarse:min-h-11"
              onClick={() => onSelect(groupKey(group))}
            >
              {modelName(group.best.model)}, {group.best.mode.label}
            </Button>
            <ul className="text-sm">
              {refusals.map((f) => (
                <li key={f.rule.id} className="flex gap-2">
                  <StateMark state="fail" size={12} />
                  <span>
                    {place.position.label}: {reasonOf(f.outcome)} <b>{remedyOf(f.outcome)}</b>
                  </span>
                </li>
              ))}
            </ul>
          </li>
        ))}
        {nearest.length === 0 && <li className="py-2">{msg.noModeIsPermittedFor}</li>}
      </ul>
    </section>
  )
}
