import { placeLabels } from '../../casefile/index.ts'
import { defineStep, stepSayer } from '../usual-step.ts'
import type en from './before.en.ts'

const say = stepSayer<typeof en>()

export default defineStep({
  id: 'before',
  stage: 'attach',
  needs: [],
  checks: ['label-serial', 'backrest-latched', 'nothing-added', 'bench-set', 'console-out'],
  isIn: () => true,
  does: ({ position, ride, vehicle }) => [
    // What is looked at stands in the checks of this step; this is what nobody records.
    say('own-safety'),
    ride?.installedBefore !== undefined &&
      say('others-first', {
        places: placeLabels(
          { vehicle },
          ride.others.filter((o) => ride.installedBefore?.includes(o.id)),
        ),
      }),
    position.row > 1 &&
      position.slidingTrack?.handbookSetting &&
      say('as-written', { text: position.slidingTrack.handbookSetting }),
    position.obstacles?.includes('removable-console') && say('console'),
  ],
})
