import { chosenIn, putsForPlace, putsForVehicle, type Case } from '@nimble-anchor/core/casefile'
import { footprintOf } from '@nimble-anchor/core/fit'
import { matchPlaces, type PlaceMatch, placesBestFirst, routesBestFirst } from '@nimble-anchor/core/match'
import { reasonOf } from '@nimble-anchor/core/rules'
import { budgetText, questionBudget } from '@nimble-anchor/core/verdict'
import { vehicleName } from '@nimble-anchor/core/vehicle'
import { useMemo, useState } from 'react'
import { useLocation } from 'react-router'
import { useCatalogue } from '../../session/catalogue.ts'
import { useFitting } from '../../session/fitting.ts'
import { Button } from '../../ui/Button.tsx'
import { Choices } from '../../ui/Choices.tsx'
import { Dialog } from '../../ui/Dialog.tsx'
import { SelectField } from '../../ui/SelectField.tsx'
import { StateMark } from '../../ui/StateMark.tsx'
import { useMedia } from '../../ui/useMedia.ts'
import { lowerFirst } from '../../ui/words.ts'
import type { StageProps } from '../stages.ts'
import { ManualQuestions } from '../ManualQuestions.tsx'
import { CarPlan } from '../../car/CarPlan.tsx'
import { PlanLegend } from '../../car/PlanLegend.tsx'
import { SeatInFrontPanel } from '../setup/SeatInFrontPanel.tsx'
import { ArrangeLink } from './ArrangeLink.tsx'
import { OneChangePanel } from './OneChangePanel.tsx'
import { OneRidePanel } from './OneRidePanel.tsx'
import { RouteFindings, UseBar } from './PlaceRoute.tsx'
import { PlaceFacts } from './PlaceFacts.tsx'
import { Fold } from '../../ui/Fold.tsx'
import * as msg from './messages.en.ts'

export default function PlaceStage({ current, assessment, isSigned, goTo }: StageProps) {
  const put = useFitting((s) => s.put)
  const isNarrow = useMedia('(max-width: 1023px)')
  const { catalogue } = useCatalogue()
  const { model, mode, unit, baseUnit } = chosenIn(current)
  const { vehicle } = current

  const places = useMemo(
    () => (vehicle && model && mode ? matchPlaces(current, vehicle, { model, mode, unit, baseUnit }) : []),
    [current, vehicle, model, mode, unit, baseUnit],
  )
  const [best] = placesBestFirst(places)
  const [picked, setPicked] = useState<string>()
  const [pickedRoute, setPickedRoute] = useState<{ readonly id: string; readonly at: string }>()
  // Led to a fact of the place, its sheet is open.
  const { state: arrival, key } = useLocation() as {
    readonly key: string
    readonly state: { readonly need?: string } | null
  }
  const leadsToFacts = arrival?.need?.startsWith('position.') === true
  const [facts, setFacts] = useState(leadsToFacts)
  const [ledBy, setLedBy] = useState(key)
  if (ledBy !== key) {
    setLedBy(key)
    if (leadsToFacts) setFacts(true)
  }
  const inVehicle = (id: string | undefined): string | undefined =>
    vehicle?.positions.some((p) => p.id === id && !p.isDriverSeat) ? id : undefined
  const selected =
    inVehicle(picked) ??
    inVehicle(current.choice.positionId) ??
    best?.position.id ??
    vehicle?.positions.find((p) => !p.isDriverSeat)?.id
  const selectedPosition = vehicle?.positions.find((p) => p.id === selected)
  const selectedMatch = places.find((m) => m.position.id === selected)
  const usable = selectedMatch ? routesBestFirst(selectedMatch) : []
  const shownRoute = usable[0]?.route
  const { positionId, routeId } = current.choice
  const frontSeatGapMm = current.settings.frontSeatGapMm?.value
  const asSet = useMemo(
    () => new Map(positionId !== undefined && frontSeatGapMm !== undefined ? [[positionId, frontSeatGapMm]] : []),
    [positionId, frontSeatGapMm],
  )
  const isChosenRefused =
    positionId === selected && selectedMatch?.routes.some((r) => r.route.id === routeId && r.decision === 'fail')

  const chooseCar = (
    <SelectField
      label={msg.car}
      hidesLabel
      className="min-w-40 flex-1"
      value={vehicle?.id ?? ''}
      options={[
        ...(vehicle ? [] : [{ id: '', label: msg.chooseACar }]),
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
  )
  const chosenRoute = positionId === selected ? routeId : undefined
  const atRoute =
    usable.find((r) => r.route.id === pickedRoute?.id && pickedRoute.at === selected) ??
    usable.find((r) => r.route.id === chosenRoute) ??
    usable[0]

  return (
    <div className="grid gap-3 lg:grid-cols-[23rem_minmax(0,1fr)] tall:lg:min-h-0 tall:lg:flex-1 tall:lg:grid-rows-[minmax(0,1fr)]">
      <section
        aria-label={msg.theCar}
        className="flex min-h-0 flex-col rounded-[3px] border border-line bg-sheet tall:lg:overflow-y-auto"
      >
        {!isSigned && (
          <div className="flex flex-wrap items-end gap-x-3 gap-y-1 p-2.5">
            {isNarrow && vehicle ? (
              <Fold className="w-full" summary={msg.anotherCar}>
                {chooseCar}
              </Fold>
            ) : (
              chooseCar
            )}
            <ArrangeLink current={current} />
            <OneRidePanel current={current} onTaken={() => setPicked(undefined)} />
          </div>
        )}
        {!vehicle && <p className="p-3 text-ink-soft">{msg.eachPlaceOfTheCar}</p>}
        {vehicle && (
          <>
            <div className="mx-auto w-full max-w-72 px-2 max-lg:max-w-64">
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
            </div>
            <Fold className="px-3 pb-1 text-sm" summary={msg.whatTheMarksMean}>
              <PlanLegend />
            </Fold>
          </>
        )}
      </section>

      <div className="flex min-h-0 min-w-0 flex-col rounded-[3px] border border-line bg-sheet">
        <div className="relative min-h-0 flex-1 tall:lg:overflow-y-auto">
          <ManualQuestions current={current} assessment={assessment} isSigned={isSigned} of="route" />
          {!mode && (
            <p className="m-3 border-l-4 border-line pl-3">
              {msg.chooseARestraintModeFirst}{' '}
              <Button look="bare" className="min-h-11 underline underline-offset-4" onClick={() => goTo('choose')}>
                {msg.openChoose}
              </Button>
            </p>
          )}
          {vehicle && (
            <ul aria-label={msg.places} className="divide-y divide-hair">
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
                        className={`flex min-h-9 w-full items-baseline gap-2 border-l-4 px-2 py-1 text-left hover:bg-shoal max-lg:min-h-11 pointer-coarse:min-h-11 ${p.id === selected ? 'border-ink bg-shoal' : 'border-transparent'}`}
                      >
                        {match && <StateMark state={match.decision} size={14} />}
                        <span className={`shrink-0 ${p.id === selected ? 'font-bold' : ''}`}>
                          {p.label}
                          {p.id === current.choice.positionId && <span className="font-normal">{msg.chosen2}</span>}
                        </span>
                        <span className="min-w-0 text-sm text-ink-soft lg:truncate">{match && placeLine(match)}</span>
                      </Button>
                    </li>
                  )
                })}
            </ul>
          )}
          {selectedPosition && (
            <div className="flex flex-wrap items-center justify-between gap-x-3 border-y border-line bg-shoal px-3">
              <h2 className="py-1.5 text-lg font-bold">{selectedPosition.label}</h2>
              <Button look="quiet" className="px-2!" onClick={() => setFacts(true)}>
                {msg.factsOfThisPlace}
              </Button>
            </div>
          )}
          {selectedMatch && usable.length > 1 && atRoute && (
            <div className="px-3 pt-2">
              <Choices
                legend={msg.byWhichRoute}
                hideLegend
                value={atRoute.route.id}
                options={usable.map((r) => ({
                  id: r.route.id,
                  label: r.route.label,
                  mark: r.decision,
                  isMarked: true,
                }))}
                onChoose={(id) => setPickedRoute({ id, at: selectedMatch.position.id })}
              />
            </div>
          )}
          {selectedMatch && atRoute && (
            <RouteFindings
              match={atRoute}
              isNamed={usable.length === 1}
              budget={
                atRoute.decision === 'fail' ? undefined : budgetAt(current, selectedMatch.position.id, atRoute.route.id)
              }
              goTo={(stage, need) => {
                if (stage === 'place') setFacts(true)
                goTo(stage, need)
              }}
            />
          )}
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
        </div>
        {selectedMatch && atRoute && (
          <UseBar
            match={atRoute}
            placeLabel={selectedMatch.position.label}
            isChosen={chosenRoute === atRoute.route.id}
            isSigned={isSigned}
            onOnward={() => goTo('set-up')}
            onUse={() => {
              if (put(putsForPlace(current, selectedMatch.position.id, atRoute.route.id)).length === 0) goTo('set-up')
            }}
          />
        )}
      </div>

      <Dialog
        open={facts && selectedPosition !== undefined}
        onOpenChange={setFacts}
        title={selectedPosition ? msg.factsOf(lowerFirst(selectedPosition.label)) : ''}
        asDrawer
      >
        {selectedPosition && (
          <div className="flex flex-col gap-3">
            {selectedPosition.row > 1 && (
              <SeatInFrontPanel
                key={`front-${selectedPosition.id}`}
                current={current}
                position={selectedPosition}
                isSigned={isSigned}
                withSetting={selectedPosition.id === positionId}
              />
            )}
            <PlaceFacts key={selectedPosition.id} position={selectedPosition} isSigned={isSigned} />
          </div>
        )}
      </Dialog>
    </div>
  )
}

/** The best route's word on the place. */
function placeLine(match: PlaceMatch): string {
  const [route] = routesBestFirst(match)
  const worst = route?.findings[0]
  if (!route || !worst) return ''
  return worst.outcome.kind === 'pass' ? msg.holds(route.route.label) : reasonOf(worst.outcome)
}

/** How much the chosen restraint would ask at a place, before anything is carried to the car. */
function budgetAt(current: Case, positionId: string, routeId: string): string | undefined {
  const budget = questionBudget({ ...current, choice: { ...current.choice, positionId, routeId } })
  return budget && budgetText(budget)
}
