import { useEffect } from 'react'
import { Link, useParams } from 'react-router'
import { useCatalogue } from '../session/catalogue.ts'
import { Panel } from '../ui/Panel.tsx'
import { NEW_VEHICLE } from './specs.ts'
import { VehicleForm } from './VehicleForm.tsx'

/** One car with its seating positions. */
export default function VehiclePage() {
  const { id = '' } = useParams()
  const { catalogue, status, load } = useCatalogue()
  useEffect(() => {
    if (!catalogue) void load()
  }, [catalogue, load])
  if (!catalogue)
    return <p className="p-8 text-ink-soft">{status === 'failed' ? 'The server does not answer.' : 'Loading.'}</p>
  const vehicles = catalogue.vehicles ?? []
  const vehicle = id === 'new' ? NEW_VEHICLE : vehicles.find((v) => v.id === id)
  return (
    <div className="mx-auto max-w-6xl p-3 sm:p-5">
      <p>
        <Link to="/vehicles" className="inline-flex min-h-11 items-center font-semibold underline underline-offset-4">
          All cars
        </Link>
      </p>
      {vehicle ? (
        <VehicleForm key={id} vehicle={vehicle} isNew={id === 'new'} taken={vehicles.map((v) => v.id)} />
      ) : (
        <Panel title="There is no such car">
          <p>It may have been taken away, or its address mistyped.</p>
        </Panel>
      )}
    </div>
  )
}
