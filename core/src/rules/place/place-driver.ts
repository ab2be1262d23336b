import { isDriversPlace } from '../../vehicle/index.ts'
import { defineRule } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './place-driver.en.ts'

const say = sayer<typeof en>()

export default defineRule({
  id: 'place-driver',
  scope: 'place',
  stage: 'place',
  severity: 'stop',
  source: 'regulation',
  applies: () => true,
  evaluate: ({ position, vehicle }) => {
    const isDrivers = isDriversPlace(vehicle, position)
    return {
      kind: isDrivers ? 'fail' : 'pass',
      says: say('judged', { isDrivers }),
    }
  },
})
