import { isIntegral } from '../../restraint/index.ts'
import { defineStep, stepSayer } from '../usual-step.ts'
import { carSideOf } from '../../vehicle/index.ts'
import type en from './thread-belt.en.ts'

const say = stepSayer<typeof en>()

export default defineStep({
  id: 'thread-belt',
  stage: 'attach',
  needs: ['prepare', 'lie-across'],
  changes: ['base'],
  keeps: ['guide'],
  ticks: { message: 'guide', check: 'belt-path' },
  checks: ['retractor', 'belt-path', 'belt-twist'],
  isIn: ({ mode, route }) => route.belt !== undefined && isIntegral(mode),
  does: ({ mode, route, position }) => [
    route.childFirst === true ? say('child-seated') : say('pay-out'),
    mode.direction === 'rearward' ? say('rearward-path') : mode.direction === 'forward' && say('forward-path'),
    ...(route.belt?.path ?? []).map((guide) => say('guide', { guide, carSide: carSideOf(guide.side, position) })),
    say('buckle'),
    position.belt?.buckleStalk === 'stiff' && say('stiff-stalk'),
  ],
})
