import { defineStep, stepSayer } from '../usual-step.ts'
import type en from './before.en.ts'

const say = stepSayer<typeof en>()

export default defineStep({
  id: 'before',
  stage: 'attach',
  needs: [],
  checks: ['label-serial', 'backrest-latched', 'nothing-added', 'bench-set', 'console-out'],
  isIn: () => true,
  does: ({ position }) => [
    // What is looked at stands in the checks of this step; this is what nobody records.
    say('own-safety'),
    position.row > 1 &&
      position.slidingTrack?.handbookSetting &&
      say('as-written', { text: position.slidingTrack.handbookSetting }),
    position.obstacles?.includes('removable-console') && say('console'),
  ],
})
