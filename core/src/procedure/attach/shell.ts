import { HELD } from '../held.ts'
import { defineStep, stepSayer } from '../usual-step.ts'
import type en from './shell.en.ts'

const say = stepSayer<typeof en>()

export default defineStep({
  id: 'shell',
  stage: 'attach',
  needs: [...HELD, 'leg'],
  checks: ['shell-on-base', 'carry-handle'],
  isIn: ({ mode, route }) => route.usesBase === true || mode.carryHandle !== undefined,
  does: ({ mode, route }) => [
    route.usesBase && say('set-down'),
    mode.carryHandle && say('handle', { position: mode.carryHandle.travelPosition }),
  ],
})
