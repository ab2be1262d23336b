import { isIntegral } from '../../restraint/index.ts'
import { defineStep, stepSayer } from '../usual-step.ts'
import type en from './set-on-seat.en.ts'

const say = stepSayer<typeof en>()

export default defineStep({
  id: 'set-on-seat',
  stage: 'attach',
  needs: ['prepare'],
  checks: ['clear-all-round', 'room-beside'],
  isIn: ({ mode, route }) => !isIntegral(mode) && route.isofix === undefined,
  does: () => [say('square')],
})
