import { type VehicleId } from '@nimble-anchor/core/ground'
import { becauseText, LEVELS, type ArrangeResult, type CarVerdict } from '@nimble-anchor/core/arrange'
import { Button } from '../ui/Button.tsx'
import { StateMark } from '../ui/StateMark.tsx'
import { VERDICT_STATE, VERDICT_WORD } from './places.ts'
import type { namesOf } from './question.ts'
import * as msg from './messages.en.ts'

interface Props {
  readonly pool: ArrangeResult | undefined
  readonly isRunning: boolean
  readonly vehicleId: VehicleId | undefined
  readonly names: ReturnType<typeof namesOf>
  readonly onChoose: (vehicleId: VehicleId | undefined) => void
}

type Told = NonNullable<CarVerdict['levels']>
/** Told levels leave out a margin that nobody knows. */
const differ = (a: Told, b: Told) => LEVELS.find((level) => a[level] !== b[level])

/** Every car of the pool against this family. */
export function CarTable({ pool, isRunning, vehicleId, names, onChoose }: Props) {
  if (pool === undefined)
    return <p className="text-ink-soft">{isRunning ? msg.theOtherCarsAreBeing : msg.notWorkedOutYet}</p>
  const best = pool.arrangements[0]
  const bestCar = pool.cars.find((c) => c.vehicleId === best?.vehicleId)
  return (
    <table className="w-full text-[0.95rem]">
      <thead className="text-left text-sm text-ink-soft">
        <tr>
          <th scope="col" className="font-semibold">
            {msg.car}
          </th>
          <th scope="col" className="font-semibold">
            {msg.thisFamily}
          </th>
          <th scope="col" className="font-semibold">
            {msg.againstTheBest}
          </th>
        </tr>
      </thead>
      <tbody>
        {pool.cars.map((car) => (
          <tr key={car.vehicleId} className="border-t border-hair">
            <th scope="row" className="text-left font-normal">
              <Button
                look="quiet"
                aria-pressed={car.vehicleId === vehicleId}
                className={car.vehicleId === vehicleId ? 'font-bold' : ''}
                onClick={() => onChoose(car.vehicleId === vehicleId ? undefined : car.vehicleId)}
              >
                {names.car(car.vehicleId)}
              </Button>
            </th>
            <td>
              <StateMark state={VERDICT_STATE[car.verdict]} word={VERDICT_WORD[car.verdict]} size={14} />
            </td>
            <td className="text-ink-soft">
              {car.levels === undefined || bestCar?.levels === undefined
                ? ''
                : car === bestCar
                  ? msg.theBest
                  : becauseText(differ(bestCar.levels, car.levels), bestCar.levels, car.levels)}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}
