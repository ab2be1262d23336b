import { HELD } from '../held.ts'
import { defineStep, stepSayer } from '../usual-step.ts'
import type en from './lower-tethers.en.ts'

const say = stepSayer<typeof en>()

export default defineStep({
  id: 'lower-tethers',
  stage: 'attach',
  needs: [...HELD, 'leg'],
  checks: ['lower-tethers-used', 'lower-tethers'],
  isIn: ({ route }) => route.lowerTethers !== undefined,
  does: ({ route: { lowerTethers } }) => [
    lowerTethers?.lead === 'crossed'
      ? say('crossed')
      : lowerTethers?.lead === 'straight'
        ? say('straight')
        : say('cross-where-curved'),
    lowerTethers?.lengthMm !== undefined && say('length', { lengthMm: lowerTethers.lengthMm }),
    say('tighten'),
  ],
})
