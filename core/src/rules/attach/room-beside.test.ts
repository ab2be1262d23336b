import { buildCase } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'
import { inRide, other, REST_OF_CAR } from '../../../test/ride.ts'

looks({
  rule: 'room-beside',
  check: 'room-beside',
  stage: 'attach',
  severity: 'fix',
  source: 'practice',
  on: inRide(buildCase({ others: REST_OF_CAR }), [other(100)]),
  gives: { clear: 'pass', touches: 'fail', 'no-hand': 'fail', 'one-part': 'fail', unsure: 'undecided' },
  outdatedBy: ['connectors', 'base', 'removed', 'slideMm', 'beside'],
  notAsked: {
    'whoever rides alone': buildCase({ others: REST_OF_CAR }),
    'others in another row': inRide(buildCase({ others: REST_OF_CAR }), [other(100, { positionIds: ['front-left'] })]),
  },
})
