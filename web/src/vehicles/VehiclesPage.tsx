import { lintVehicle, vehicleName, type SeatingPosition } from '@nimble-anchor/core/vehicle'
import { Link } from 'react-router'
import { ON_OPENING } from '../session/queries.ts'
import { DemoMark } from '../demo/DemoMark.tsx'
import { CatalogueFrame } from '../restraints/CatalogueFrame.tsx'
import { useCatalogue } from '../session/catalogue.ts'
import { Panel } from '../ui/Panel.tsx'
import { StateMark } from '../ui/StateMark.tsx'
import * as msg from './messages.en.ts'

const EXPORTS = [
  { file: 'vehicles.json', label: msg.carsJson },
  { file: 'vehicles.csv', label: msg.carsCsv },
]

/** "5 places, 2 i-Size, 2 with a tether": what a fitter asks of a car first. */
function placesText(positions: readonly SeatingPosition[]): string {
  const places = positions.filter((p) => !p.isDriverSeat)
  const count = (has: (p: SeatingPosition) => boolean): number => places.filter(has).length
  const iSize = count((p) => p.handbook?.iSize === 'i-U' || p.handbook?.iSize === 'i-UF')
  const bars = count((p) => p.isofix !== undefined && p.isofix.bars !== 'none')
  const tethers = count((p) => p.tether !== undefined && p.tether.where !== 'none')
  return msg.besideTheDriverWithIsofix(places.length, bars, iSize, tethers)
}

/** Every car with what its places offer. */
export default function VehiclesPage() {
  const { catalogue, status } = useCatalogue(ON_OPENING)
  const vehicles = catalogue?.vehicles ?? []
  return (
    <CatalogueFrame
      title={msg.vehicles}
      windowTitle={msg.vehiclesNimbleAnchor}
      add={{ path: '/vehicles/new', button: msg.newCar2, command: msg.newCar }}
      files={EXPORTS}
      isFailed={status === 'failed'}
    >
      {catalogue && vehicles.length === 0 && (
        <Panel title={msg.noCarYet}>
          <p>{msg.importACatalogueOrBegin}</p>
        </Panel>
      )}
      {vehicles.length > 0 && (
        <Panel
          title={msg.cars}
          fills
          className="lg:flex-1"
          aside={<span className="text-sm text-ink-soft">{vehicles.length}</span>}
        >
          <ul className="-my-3 divide-y divide-hair">
            {vehicles
              .toSorted((a, b) => vehicleName(a).localeCompare(vehicleName(b)))
              .map((v) => {
                const lints = lintVehicle(v)
                return (
                  <li key={v.id}>
                    <Link
                      to={`/vehicles/${v.id}`}
                      className="-mx-3.5 grid gap-x-4 gap-y-0.5 px-3.5 py-3 hover:bg-shoal sm:grid-cols-[13rem_minmax(0,1fr)_7rem]"
                    >
                      <span className="font-bold">
                        {vehicleName(v)}
                        <DemoMark kind="vehicles" id={v.id} />
                      </span>
                      <span className="text-[0.95rem]">
                        {placesText(v.positions)}
                        {lints.length > 0 && (
                          <span className="block text-sm">
                            <StateMark state="undecided" size={13} /> {msg.contradictsItself(lints[0]?.message ?? '')}
                          </span>
                        )}
                      </span>
                      <span className="text-sm text-ink-soft sm:text-right">{v.plate ?? ''}</span>
                    </Link>
                  </li>
                )
              })}
          </ul>
        </Panel>
      )}
    </CatalogueFrame>
  )
}
