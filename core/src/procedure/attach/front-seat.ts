import { HELD } from '../held.ts'
import { defineStep, stepSayer } from '../usual-step.ts'
import { behindWhom } from '../../vehicle/index.ts'
import type en from './front-seat.en.ts'

const say = stepSayer<typeof en>()

export default defineStep({
  id: 'front-seat',
  stage: 'attach',
  needs: [...HELD, 'leg', 'lower-tethers'],
  changes: ['frontSeatGapMm'],
  checks: ['front-seat'],
  isIn: ({ mode }) => mode.direction === 'rearward',
  does: ({ position, vehicle }) => [
    position.row === 1 ? say('dashboard') : say('in-front', { who: behindWhom(position, vehicle) }),
    position.side === 'centre' && say('level'),
  ],
})
