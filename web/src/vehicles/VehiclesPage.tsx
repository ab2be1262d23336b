import { lintVehicle, vehicleName, type SeatingPosition } from '@nimble-anchor/core/vehicle'
import { FileUp, Plus } from 'lucide-react'
import { useEffect, useState } from 'react'
import { Link, useNavigate } from 'react-router'
import { ON_OPENING } from '../session/queries.ts'
import { useCommands } from '../commands/commands.ts'
import { ImportDialog } from '../restraints/ImportDialog.tsx'
import { ExportLinks } from '../form/ExportLinks.tsx'
import { useMay } from '../session/who.ts'
import { loadCatalogue, useCatalogue } from '../session/catalogue.ts'
import { Button } from '../ui/Button.tsx'
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
  return msg.besideTheDriverWithIsofix(places.length, places.length === 1 ? 'place' : msg.places2, bars, iSize, tethers)
}

/** Every car with what its places offer. */
export default function VehiclesPage() {
  const { catalogue, status } = useCatalogue(ON_OPENING)
  const navigate = useNavigate()
  const register = useCommands((s) => s.register)
  const [isImporting, setImporting] = useState(false)
  const isLead = useMay('lead')
  useEffect(() => {
    document.title = msg.vehiclesNimbleAnchor
  }, [])
  useEffect(
    () =>
      register([
        { id: 'new-car', label: msg.newCar, group: msg.doWord, key: 'n', run: () => void navigate('/vehicles/new') },
        { id: 'import-cars', label: msg.importACatalogue, group: msg.doWord, key: 'i', run: () => setImporting(true) },
      ]),
    [register, navigate],
  )
  const vehicles = catalogue?.vehicles ?? []
  return (
    <div className="mx-auto max-w-5xl p-3 sm:p-5">
      <div className="mb-3 flex flex-wrap items-end justify-between gap-3">
        <h1 className="text-3xl font-bold tracking-tight">{msg.vehicles}</h1>
        <div className="flex flex-wrap gap-2">
          {isLead && (
            <>
              <Button onClick={() => setImporting(true)}>
                <FileUp size={18} aria-hidden="true" />
                {msg.importWord}
              </Button>
              <Button look="main" onClick={() => void navigate('/vehicles/new')}>
                <Plus size={18} aria-hidden="true" />
                {msg.newCar2}
              </Button>
            </>
          )}
        </div>
      </div>
      {status === 'failed' && (
        <Panel title={msg.theServerDoesNotAnswer}>
          <Button onClick={() => void loadCatalogue()}>{msg.tryAgain}</Button>
        </Panel>
      )}
      {catalogue && vehicles.length === 0 && (
        <Panel title={msg.noCarYet}>
          <p>{msg.importACatalogueOrBegin}</p>
        </Panel>
      )}
      {vehicles.length > 0 && (
        <Panel title={msg.cars} aside={<span className="text-sm text-ink-soft">{vehicles.length}</span>}>
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
                      <span className="font-bold">{vehicleName(v)}</span>
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
      <ExportLinks files={EXPORTS} />
      <ImportDialog open={isImporting} onOpenChange={setImporting} />
    </div>
  )
}
