import { type Case } from '@nimble-anchor/core/casefile'
import {
  ONE_RIDE_PLACES,
  oneRideCar,
  oneRideWays,
  putsForOneRide,
  type OneRidePlace,
  type OneRideWay,
} from '@nimble-anchor/core/procedure'
import { modelName } from '@nimble-anchor/core/restraint'
import { type Vehicle } from '@nimble-anchor/core/vehicle'
import { describeNeed } from '@nimble-anchor/core/verdict'
import { useMemo, useState } from 'react'
import { stockOf, useCatalogue } from '../../session/catalogue.ts'
import { useFitting } from '../../session/fitting.ts'
import { Button } from '../../ui/Button.tsx'
import { Dialog } from '../../ui/Dialog.tsx'
import { SelectField } from '../../ui/SelectField.tsx'
import { upperFirst } from '../../ui/words.ts'
import * as msg from './messages.en.ts'

const placeLabel = (id: OneRidePlace): string => upperFirst(id.replace('-', ' '))
/** More would not be the shortest way any more. */
const SHOWN = 6

/** A ride in a car that is in no catalogue: the restraint and route with the fewest readings that can still pass. */
export function OneRidePanel({ current, onTaken }: { readonly current: Case; readonly onTaken: () => void }) {
  const [isOpen, setOpen] = useState(false)
  return (
    <>
      <Button onClick={() => setOpen(true)}>{msg.aCarInNoCatalogue}</Button>
      <Dialog open={isOpen} onOpenChange={setOpen} title={msg.oneRideInAnUnknown} isWide>
        <Ways
          current={current}
          onTaken={() => {
            setOpen(false)
            onTaken()
          }}
        />
      </Dialog>
    </>
  )
}

function Ways({ current, onTaken }: { readonly current: Case; readonly onTaken: () => void }) {
  const put = useFitting((s) => s.put)
  const { catalogue } = useCatalogue()
  const [place, setPlace] = useState<OneRidePlace>('rear-right')
  const [driverSide, setDriverSide] = useState<Vehicle['driverSide']>('right')
  const vehicle = useMemo(() => oneRideCar(place, driverSide), [place, driverSide])
  // On loan is what has a unit: a model that nobody has helps nobody at the kerb.
  const stock = useMemo(() => (catalogue ? stockOf(catalogue).filter((s) => s.unit) : []), [catalogue])
  const ways = useMemo(() => oneRideWays(current, stock, vehicle), [current, stock, vehicle])
  const take = (way: OneRideWay): void => {
    const faults = put(putsForOneRide(current, vehicle, way))
    if (faults.length === 0) onTaken()
  }
  return (
    <>
      <p>{msg.nothingOfThisCarIs}</p>
      <div className="my-3 grid max-w-md grid-cols-2 gap-3">
        <SelectField
          label={msg.place}
          value={place}
          options={ONE_RIDE_PLACES.map((id) => ({ id, label: placeLabel(id) }))}
          onChange={(id) => setPlace(id as OneRidePlace)}
        />
        <SelectField
          label={msg.theDriverSits}
          value={driverSide}
          options={[
            { id: 'right', label: msg.onTheRight },
            { id: 'left', label: msg.onTheLeft },
          ]}
          onChange={(id) => setDriverSide(id as Vehicle['driverSide'])}
        />
      </div>
      {ways.length === 0 && <p className="font-semibold">{msg.nothingOnTheShelfCan}</p>}
      <ol className="divide-y divide-hair border-y border-hair">
        {ways.slice(0, SHOWN).map((way) => {
          const { model, mode, unit } = way.item
          const name = `${modelName(model)}, ${mode.label}`
          const readings = way.readings.map((n) => describeNeed(n, way.route).label)
          return (
            <li key={`${model.id}${unit?.id ?? ''}${mode.id}${way.route.id}`} className="py-2.5">
              <div className="flex flex-wrap items-center justify-between gap-2">
                <p>
                  <b>{name}</b>
                  <span className="block text-ink-soft">
                    {way.route.label}
                    {unit && msg.unit(unit.serial)}
                  </span>
                </p>
                <Button aria-label={msg.takeThisWay2(name, way.route.label)} onClick={() => take(way)}>
                  {msg.takeThisWay}
                </Button>
              </div>
              <p className="text-sm">
                <b>{msg.readings(readings.length)}</b> {readings.join(', ')}.
              </p>
            </li>
          )
        })}
      </ol>
    </>
  )
}
