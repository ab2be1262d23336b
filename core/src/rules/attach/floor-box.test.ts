import { BELT_ROUTE, buildCase } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'

looks({
  rule: 'floor-box',
  check: 'floor-box',
  stage: 'attach',
  severity: 'stop',
  source: 'vehicle',
  on: buildCase({ position: { floor: { kind: 'box-allowed-when-propped' } } }),
  gives: { propped: 'pass', hollow: 'fail', unsure: 'undecided' },
  outdatedBy: ['removed', 'left'],
  notAsked: {
    'a solid floor': buildCase(),
    'a route without a leg': buildCase({
      route: BELT_ROUTE,
      position: { floor: { kind: 'box-allowed-when-propped' } },
    }),
    'a box on which no leg may stand': buildCase({ position: { floor: { kind: 'box-not-allowed' } } }),
  },
})
