import { isIntegral } from '../../restraint/index.ts'
import { defineStep, stepSayer } from '../usual-step.ts'
import type en from './belt-child.en.ts'

const say = stepSayer<typeof en>()

export default defineStep({
  id: 'belt-child',
  stage: 'child-in',
  needs: ['sit'],
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
  does: ({ mode, route }) => [
    ...(route.belt?.path ?? []).map((guide) => say('guide', guide)),
    mode.crotchBeltGuide === true && say('crotch-guide'),
    say('buckle'),
  ],
})
