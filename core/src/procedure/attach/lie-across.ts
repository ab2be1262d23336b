import { defineStep, stepSayer } from '../usual-step.ts'
import type en from './lie-across.en.ts'

const say = stepSayer<typeof en>()

export default defineStep({
  id: 'lie-across',
  stage: 'attach',
  needs: ['prepare'],
  checks: ['head-inboard'],
  isIn: ({ mode }) => mode.direction === 'lateral',
  does: () => [say('head-inboard')],
})
