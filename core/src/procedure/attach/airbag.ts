import { defineStep, stepSayer } from '../usual-step.ts'
import type en from './airbag.en.ts'

const say = stepSayer<typeof en>()

export default defineStep({
  id: 'airbag',
  stage: 'attach',
  needs: ['before'],
  checks: ['airbag-lamp'],
  isIn: ({ mode, position }) =>
    position.frontAirbag !== undefined &&
    position.frontAirbag !== 'none' &&
    (position.row === 1 || mode.direction !== 'forward'),
  does: ({ mode }) => [mode.direction === 'forward' ? say('as-both-say') : say('off'), say('on-again')],
})
