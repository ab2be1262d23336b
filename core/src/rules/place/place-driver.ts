import { isDriversPlace } from '../../vehicle/index.ts'
import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'place-driver',
  title: 'Not the driver’s seat',
  scope: 'place',
  stage: 'place',
  severity: 'stop',
  source: 'regulation',
  standsOn: 'Nobody is fitted on the seat from which the car is driven.',
  applies: () => true,
  evaluate: ({ position, vehicle }) => {
    const isDrivers = isDriversPlace(vehicle, position)
    return {
      kind: isDrivers ? 'fail' : 'pass',
      reason: () => (isDrivers ? 'This is the driver’s seat.' : 'This is no driver’s seat.'),
      remedy: () => 'Use another place.',
    }
  },
})
