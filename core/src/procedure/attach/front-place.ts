import { defineStep, stepSayer } from '../usual-step.ts'
import type en from './front-place.en.ts'

const say = stepSayer<typeof en>()

export default defineStep({
  id: 'front-place',
  stage: 'attach',
  needs: ['before'],
  checks: ['seat-fully-back'],
  isIn: ({ position }) => position.row === 1,
  does: ({ position }) => [say('where-allowed'), say('fully-back', { travelMm: position.slidingTrack?.travelMm })],
})
