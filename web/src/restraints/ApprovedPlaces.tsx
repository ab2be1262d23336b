import { type VehicleId } from '@nimble-anchor/core/ground'
import { vehicleName } from '@nimble-anchor/core/vehicle'
import { useFormContext, useWatch, type FieldValues } from 'react-hook-form'
import { useListed } from '../session/catalogue.ts'
import { CheckBox } from '../ui/CheckBox.tsx'
import { Fold } from '../ui/Fold.tsx'
import { SelectField } from '../ui/SelectField.tsx'
import * as msg from './messages.en.ts'

interface Listed {
  readonly vehicleId: VehicleId
  readonly positionIds: readonly string[]
}

/** The maker's list of cars for one route, place by place: of a car that is not on it nothing is said. */
export function ApprovedPlaces({ base }: { readonly base: string }) {
  const { setValue } = useFormContext<FieldValues>()
  const name = `${base}.approvedPlaces`
  const value = useWatch({ name }) as readonly Listed[] | undefined
  const vehicles = useListed((c) => c.vehicles) ?? []
  const keep = (next: readonly Listed[] | undefined): void => setValue(name, next, { shouldDirty: true })
  const listed = value ?? []
  /** `undefined`: nobody has read whether the car is on the list. */
  const set = (vehicleId: VehicleId, positionIds: readonly string[] | undefined): void => {
    const next = listed.flatMap((l) =>
      l.vehicleId !== vehicleId ? [l] : positionIds === undefined ? [] : [{ vehicleId, positionIds }],
    )
    const isKnown = listed.some((l) => l.vehicleId === vehicleId)
    const all = positionIds !== undefined && !isKnown ? [...next, { vehicleId, positionIds }] : next
    keep(all.length === 0 ? undefined : all)
  }
  const word = listed.length === 0 ? msg.notReadYet : msg.ofCarsRead(listed.length, vehicles.length)
  return (
    <Fold className="mt-2" summary={msg.theMakersListOfCars(word)}>
      {vehicles.length === 0 && <p className="text-ink-soft">{msg.noCarIsKnownYet}</p>}
      <ul className="divide-y divide-hair">
        {vehicles.map((v) => {
          const chosen = listed.find((l) => l.vehicleId === v.id)?.positionIds
          const state = chosen === undefined ? 'open' : chosen.length === 0 ? 'none' : 'listed'
          const places = v.positions.filter((p) => p.isDriverSeat !== true)
          return (
            <li key={v.id} className="py-1.5">
              <SelectField
                className="max-w-80"
                label={vehicleName(v)}
                value={state}
                options={[
                  { id: 'open', label: msg.notReadYet },
                  { id: 'listed', label: msg.onTheList },
                  { id: 'none', label: msg.notOnTheList },
                ]}
                onChange={(next) =>
                  set(v.id, next === 'open' ? undefined : next === 'none' ? [] : places.map((p) => p.id))
                }
              />
              {state === 'listed' && (
                <div className="flex flex-wrap gap-x-5">
                  {places.map((p) => (
                    <CheckBox
                      key={p.id}
                      checked={chosen?.includes(p.id) === true}
                      onChange={(is) =>
                        set(v.id, is ? [...(chosen ?? []), p.id] : (chosen ?? []).filter((x) => x !== p.id))
                      }
                    >
                      {p.label}
                    </CheckBox>
                  ))}
                </div>
              )}
            </li>
          )
        })}
      </ul>
    </Fold>
  )
}
