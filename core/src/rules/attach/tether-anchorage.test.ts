import { Sequence } from '../../ground/index.ts'
import { FORWARD, TETHER_ROUTE, buildCase } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'

const ADVISED = { ...TETHER_ROUTE, topTether: { use: 'optional' as const } }

looks({
  rule: 'tether-anchorage',
  check: 'tether-point',
  stage: 'attach',
  severity: 'stop',
  source: 'vehicle',
  on: buildCase({ mode: FORWARD, route: TETHER_ROUTE }),
  gives: { anchorage: 'pass', 'luggage-ring': 'fail', unsure: 'undecided' },
  outdatedBy: ['connectors', 'base', 'removed', 'slideMm', 'tether', 'set-round'],
  notAsked: {
    'a route without a tether': buildCase(),
    'an advised one that was left off': buildCase({
      mode: FORWARD,
      route: ADVISED,
      readings: { 'tether-used': { option: 'left-off', at: Sequence(9) } },
    }),
  },
})
