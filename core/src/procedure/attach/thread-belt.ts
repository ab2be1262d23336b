import { isIntegral } from '../../restraint/index.ts'
import { defineStep, stepSayer } from '../usual-step.ts'
import type en from './thread-belt.en.ts'

const say = stepSayer<typeof en>()

export default defineStep({
  id: 'thread-belt',
  stage: 'attach',
  needs: ['prepare'],
  changes: ['base'],
  checks: ['retractor', 'belt-path', 'belt-twist', 'buckle-above-edge-mm', 'buckle-clear'],
  isIn: ({ mode, route }) => route.belt !== undefined && isIntegral(mode),
  does: ({ mode, route, position }) => [
    mode.direction === 'rearward' ? say('rearward-path') : mode.direction === 'forward' && say('forward-path'),
    ...(route.belt?.path ?? []).map((guide) => say('guide', guide)),
    say('buckle'),
    position.belt?.buckleStalk === 'stiff' && say('stiff-stalk'),
  ],
})
