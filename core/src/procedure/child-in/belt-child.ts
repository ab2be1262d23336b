import { isIntegral } from '../../restraint/index.ts'
import { defineStep, stepSayer } from '../usual-step.ts'
import { carSideOf } from '../../vehicle/index.ts'
import type en from './belt-child.en.ts'

const say = stepSayer<typeof en>()

export default defineStep({
  id: 'belt-child',
  stage: 'child-in',
  needs: ['sit'],
  keeps: ['guide'],
  ticks: { message: 'guide', check: 'booster-path' },
  checks: [
    'guide-above-shoulder-mm',
    'booster-path',
    'booster-twist',
    'guide-gate',
    'crotch-guide',
    'lap-section',
    'diagonal',
    'belt-buckle',
    'belt-slack',
    'belt-runs',
  ],
  isIn: ({ mode }) => !isIntegral(mode),
  does: ({ mode, route, position }) => [
    ...(route.belt?.path ?? []).map((guide) => say('guide', { guide, carSide: carSideOf(guide.side, position) })),
    mode.crotchBeltGuide === true && say('crotch-guide'),
    say('buckle'),
  ],
})
