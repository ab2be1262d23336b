import { chosenIn, putsForPlace, putsForVehicle, type Case } from '@nimble-anchor/core/casefile'
import { footprintOf } from '@nimble-anchor/core/fit'
import { matchPlaces, type PlaceMatch, type PlaceRouteMatch } from '@nimble-anchor/core/match'
import { modelName } from '@nimble-anchor/core/restraint'
import { reasonOf, titleOf, toFinding } from '@nimble-anchor/core/rules'
import { budgetText, questionBudget } from '@nimble-anchor/core/verdict'
import { vehicleName } from '@nimble-anchor/core/vehicle'
import { useEffect, useMemo, useState } from 'react'
import { useCatalogue } from '../../session/catalogue.ts'
import { useFitting } from '../../session/fitting.ts'
import { Button } from '../../ui/Button.tsx'
import { Panel } from '../../ui/Panel.tsx'
import { SelectField } from '../../ui/SelectField.tsx'
import { StateMark } from '../../ui/StateMark.tsx'
import { lowerFirst } from '../../ui/words.ts'
import type { StageProps } from '../stages.ts'
import { FindingRow } from '../Ledger.tsx'
import { ManualQuestions } from '../ManualQuestions.tsx'
import { CarPlan } from '../../car/CarPlan.tsx'
import { PlanLegend } from '../../car/PlanLegend.tsx'
import { SeatInFrontPanel } from '../setup/SeatInFrontPanel.tsx'
import { OneChangePanel } from './OneChangePanel.tsx'
import { OneRidePanel } from './OneRidePanel.tsx'
import { PlaceFacts } from './PlaceFacts.tsx'
import { Fold } from '../../ui/Fold.tsx'

const ORDER = { pass: 0, undecided: 1, fail: 2 } as const

export default function PlaceStage({ current, assessment, isSigned, goTo }: StageProps) {
  const put = useFitting((s) => s.put)
  const { catalogue, load } = useCatalogue()
  const { model, mode, unit, baseUnit } = chosenIn(current)
  const { vehicle } = current
  useEffect(() => {
    if (!catalogue) void load()
  }, [catalogue, load])

  const places = useMemo(
    () => (vehicle && model && mode ? matchPlaces(current, vehicle, { model, mode, unit, baseUnit }) : []),
    [current, vehicle, model, mode, unit, baseUnit],
  )
  // Shown first: a place that holds, behind the front row where there is one.
  const best = places.toSorted(
    (a, b) => ORDER[a.decision] - ORDER[b.decision] || Number(a.position.row === 1) - Number(b.position.row === 1),
  )[0]
  const [picked, setPicked] = useState<string>()
  const inVehicle = (id: string | undefined): string | undefined =>
    vehicle?.positions.some((p) => p.id === id && !p.isDriverSeat) ? id : undefined
  const selected =
    inVehicle(picked) ??
    inVehicle(current.choice.positionId) ??
    best?.position.id ??
    vehicle?.positions.find((p) => !p.isDriverSeat)?.id
  const selectedPosition = vehicle?.positions.find((p) => p.id === selected)
  const selectedMatch = places.find((m) => m.position.id === selected)
  const shownRoute = selectedMatch?.routes.toSorted((a, b) => ORDER[a.decision] - ORDER[b.decision])[0]?.route
  const { positionId, routeId } = current.choice
  const frontSeatGapMm = current.settings.frontSeatGapMm?.value
  const asSet = useMemo(
    () => new Map(positionId !== undefined && frontSeatGapMm !== undefined ? [[positionId, frontSeatGapMm]] : []),
    [positionId, frontSeatGapMm],
  )
  const isChosenRefused =
    positionId === selected && selectedMatch?.routes.some((r) => r.route.id === routeId && r.decision === 'fail')

  return (
    <div className="flex flex-col gap-3">
      <ManualQuestions current={current} assessment={assessment} isSigned={isSigned} of="route" />
      <Panel
        title={vehicle ? vehicleName(vehicle) : 'Which car'}
        aside={vehicle?.plate !== undefined && <span className="text-sm text-ink-soft">{vehicle.plate}</span>}
      >
        {!isSigned && (
          <div className="mb-3 flex flex-wrap items-end gap-3">
            <div className="w-full max-w-sm">
              <SelectField
                label="Car"
                value={vehicle?.id ?? ''}
                options={[
                  ...(vehicle ? [] : [{ id: '', label: 'Choose a car' }]),
                  ...(vehicle && !catalogue?.vehicles?.some((v) => v.id === vehicle.id)
                    ? [{ id: vehicle.id, label: vehicleName(vehicle) }]
                    : []),
                  ...(catalogue?.vehicles ?? []).map((v) => ({
                    id: v.id,
                    label: [vehicleName(v), v.plate].filter(Boolean).join(', '),
                  })),
                ]}
                onChange={(id) => {
                  const next = catalogue?.vehicles?.find((v) => v.id === id)
                  if (next) put(putsForVehicle(current, next))
                }}
              />
            </div>
            <OneRidePanel current={current} onTaken={() => setPicked(undefined)} />
          </div>
        )}
        {!vehicle && <p className="text-ink-soft">Each place of the car is then judged for the chosen restraint.</p>}
        {vehicle && (
          <div className="grid gap-4 sm:grid-cols-[minmax(200px,320px)_minmax(0,1fr)]">
            <CarPlan
              vehicle={vehicle}
              decisions={new Map(places.map((m) => [m.position.id, m.decision]))}
              selected={selected}
              chosen={current.choice.positionId}
              asSet={asSet}
              footprint={
                mode && selectedPosition && selectedMatch && shownRoute
                  ? {
                      positionId: selectedPosition.id,
                      ...footprintOf(mode, shownRoute, selectedPosition),
                      isRefused: selectedMatch.decision === 'fail',
                    }
                  : undefined
              }
              onSelect={setPicked}
            />
            <div>
              {!mode && (
                <p className="mb-3 border-l-4 border-line pl-3">
                  Choose a restraint mode first; then each place says whether it fits.{' '}
                  <Button look="bare" className="min-h-11 underline underline-offset-4" onClick={() => goTo('choose')}>
                    Open Choose
                  </Button>
                </p>
              )}
              {model && mode && (
                <p className="mb-2 text-sm text-ink-soft">
                  {modelName(model)}, {mode.label}
                </p>
              )}
              <ul className="divide-y divide-hair border-y border-hair">
                {vehicle.positions
                  .filter((p) => !p.isDriverSeat)
                  .map((p) => {
                    const match = places.find((m) => m.position.id === p.id)
                    return (
                      <li key={p.id}>
                        <Button
                          look="bare"
                          aria-pressed={p.id === selected}
                          onClick={() => setPicked(p.id)}
                          className={`flex min-h-11 w-full items-start gap-2 px-2 py-2 text-left hover:bg-shoal ${p.id === selected ? 'bg-shoal-deep' : ''}`}
                        >
                          <span className="pt-0.5">{match && <StateMark state={match.decision} />}</span>
                          <span className="min-w-0">
                            <span className="block font-bold">
                              {p.label}
                              {p.id === current.choice.positionId && <span className="font-normal"> · chosen</span>}
                            </span>
                            <span className="block text-sm">{match && placeLine(match)}</span>
                          </span>
                        </Button>
                      </li>
                    )
                  })}
              </ul>
              <PlanLegend />
            </div>
          </div>
        )}
      </Panel>

      {vehicle && model && mode && selectedPosition && (selectedMatch?.decision === 'fail' || isChosenRefused) && (
        <OneChangePanel
          current={current}
          wanted={{
            model,
            unit,
            mode,
            vehicle,
            position: selectedPosition,
            route: isChosenRefused ? mode.routes.find((r) => r.id === routeId) : undefined,
          }}
          isNowhere={places.every((m) => m.decision === 'fail')}
          catalogue={catalogue}
          isSigned={isSigned}
          goTo={goTo}
        />
      )}
      {selectedMatch?.routes.map((route) => (
        <RoutePanel
          key={`${selectedMatch.position.id}/${route.route.id}`}
          place={selectedMatch}
          match={route}
          budget={route.decision === 'fail' ? undefined : budgetAt(current, selectedMatch.position.id, route.route.id)}
          isChosen={
            current.choice.positionId === selectedMatch.position.id && current.choice.routeId === route.route.id
          }
          isSigned={isSigned}
          goTo={goTo}
          onUse={() => {
            if (put(putsForPlace(current, selectedMatch.position.id, route.route.id)).length === 0) goTo('set-up')
          }}
        />
      ))}
      {selectedPosition && selectedPosition.row > 1 && (
        <SeatInFrontPanel
          key={`front-${selectedPosition.id}`}
          current={current}
          position={selectedPosition}
          isSigned={isSigned}
          withSetting={selectedPosition.id === positionId}
        />
      )}
      {selectedPosition && <PlaceFacts key={selectedPosition.id} position={selectedPosition} isSigned={isSigned} />}
    </div>
  )
}

/** The best route's word on the place. */
function placeLine(match: PlaceMatch): string {
  const [route] = match.routes.toSorted((a, b) => ORDER[a.decision] - ORDER[b.decision])
  const worst = route?.findings[0]
  if (!route || !worst) return ''
  return worst.outcome.kind === 'pass' ? `Holds: ${route.route.label}.` : reasonOf(worst.outcome)
}

/** How much the chosen restraint would ask at a place, before anything is carried to the car. */
function budgetAt(current: Case, positionId: string, routeId: string): string | undefined {
  const budget = questionBudget({ ...current, choice: { ...current.choice, positionId, routeId } })
  return budget && budgetText(budget)
}

interface RouteProps {
  readonly place: PlaceMatch
  readonly match: PlaceRouteMatch
  /** How much this restraint will ask here; nothing where it is refused. */
  readonly budget: string | undefined
  readonly isChosen: boolean
  readonly isSigned: boolean
  readonly goTo: StageProps['goTo']
  readonly onUse: () => void
}

function RoutePanel({ place, match, budget, isChosen, isSigned, goTo, onUse }: RouteProps) {
  const open = match.findings.filter((f) => f.outcome.kind !== 'pass')
  const held = match.findings.filter((f) => f.outcome.kind === 'pass')
  return (
    <Panel
      title={
        <span className="flex items-center gap-2">
          <StateMark state={match.decision} />
          {place.position.label}: {match.route.label}
        </span>
      }
      aside={
        isChosen ? (
          <StateMark state="pass" word="Chosen" />
        ) : (
          match.decision !== 'fail' &&
          !isSigned && (
            <Button
              look={match.decision === 'pass' ? 'main' : 'plain'}
              aria-label={`Use this place: ${place.position.label}, ${match.route.label}`}
              onClick={onUse}
            >
              Use this place
            </Button>
          )
        )
      }
    >
      {budget !== undefined && <p className="-mt-1 mb-2 text-sm text-ink-soft">{budget}</p>}
      <ul className="-mx-3.5 -my-2 divide-y divide-hair">
        {open.map((f) => (
          <FindingRow key={f.rule.id} finding={toFinding(f)} goTo={goTo} />
        ))}
        {held.length > 0 && (
          <li>
            <Fold
              isRow
              triggerClassName="px-3 py-2 text-sm text-ink-soft hover:bg-shoal"
              summary={`${held.length} ${held.length === 1 ? 'rule holds' : 'rules hold'}: ${held.map((f) => lowerFirst(titleOf(f.rule))).join(', ')}.`}
            >
              <ul className="divide-y divide-hair border-t border-hair">
                {held.map((f) => (
                  <FindingRow key={f.rule.id} finding={toFinding(f)} goTo={goTo} />
                ))}
              </ul>
            </Fold>
          </li>
        )}
      </ul>
    </Panel>
  )
}
