import { tethersHoldToMovingFrame } from '../../casefile/index.ts'
import { HELD } from '../held.ts'
import { defineStep, stepSayer } from '../usual-step.ts'
import type en from './lower-tethers.en.ts'

const say = stepSayer<typeof en>()

export default defineStep({
  id: 'lower-tethers',
  stage: 'attach',
  needs: [...HELD, 'leg'],
  // On a frame that moves with the front seat they would slacken with it: the seat stands first.
  needsHere: ({ route, position }) => (tethersHoldToMovingFrame(route, position) ? ['front-seat'] : []),
  checks: ['lower-tethers-used', 'lower-tethers'],
  isIn: ({ route }) => route.lowerTethers !== undefined,
  does: ({ route: { lowerTethers } }) => [
    lowerTethers?.lead === 'crossed'
      ? say('crossed')
      : lowerTethers?.lead === 'straight'
        ? say('straight')
        : say('cross-where-curved'),
    lowerTethers?.lengthMm !== undefined && say('length', { lengthMm: lowerTethers.lengthMm }),
    say('clear-of-wiring'),
    say('tighten'),
  ],
})
