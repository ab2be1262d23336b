import { tetherUseAt } from '../../fit/index.ts'
import { isIntegral, isIsofixHeld } from '../../restraint/index.ts'
import { HELD } from '../held.ts'
import { defineStep, stepSayer } from '../usual-step.ts'
import type en from './proof.en.ts'

const say = stepSayer<typeof en>()

export default defineStep({
  id: 'proof',
  stage: 'attach',
  needs: [...HELD, 'leg', 'tether', 'lower-tethers', 'shell', 'front-seat'],
  checks: [
    'latches-again',
    'steadiness-mm',
    'steadiness-felt',
    'clear-all-round',
    'room-beside',
    'angle-proof',
    'shell-angle-deg',
  ],
  isIn: ({ mode, route }) => isIntegral(mode) || route.isofix !== undefined,
  title: ({ mode }) => (isIntegral(mode) ? undefined : say('clear')),
  does: ({ mode, route, position }) => [
    isIntegral(mode) && say('firm-hand', { where: isIsofixHeld(route) ? 'base' : 'belt' }),
    isIntegral(mode) && mode.direction === 'rearward' && say('not-at-top'),
    route.isofix !== undefined &&
      (route.leg !== undefined || tetherUseAt(route, position) !== undefined) &&
      say('latches-again', {
        by: route.leg === undefined ? 'tether' : tetherUseAt(route, position) === undefined ? 'leg' : 'both',
      }),
  ],
})
