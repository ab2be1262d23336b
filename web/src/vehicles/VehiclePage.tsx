import { useParams } from 'react-router'
import { useCatalogue } from '../session/catalogue.ts'
import { Missing } from '../ui/Missing.tsx'
import { NEW_VEHICLE } from './specs.ts'
import { VehicleForm } from './VehicleForm.tsx'
import * as msg from './messages.en.ts'

/** One car with its seating positions. */
export default function VehiclePage() {
  const { id = '' } = useParams()
  const { catalogue, status } = useCatalogue()
  if (!catalogue)
    return <p className="p-8 text-ink-soft">{status === 'failed' ? msg.theServerDoesNotAnswer2 : msg.loading}</p>
  const vehicles = catalogue.vehicles ?? []
  const vehicle = id === 'new' ? NEW_VEHICLE : vehicles.find((v) => v.id === id)
  return vehicle ? (
    <VehicleForm key={id} vehicle={vehicle} isNew={id === 'new'} taken={vehicles.map((v) => v.id)} />
  ) : (
    <Missing title={msg.thereIsNoSuchCar} to="/vehicles" label={msg.allCars} />
  )
}
