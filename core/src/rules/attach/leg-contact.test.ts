import { BELT_ROUTE, buildCase, buildLeg, buildRoute } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'

looks({
  rule: 'leg-contact',
  check: 'leg-contact',
  stage: 'attach',
  severity: 'fix',
  source: 'maker',
  on: buildCase(),
  gives: { flat: 'pass', gap: 'fail', 'on-mat': 'fail', packed: 'fail', unsure: 'undecided' },
  outdatedBy: ['connectors', 'base', 'removed', 'slideMm', 'recline', 'legNotch', 'wedge'],
  notAsked: { 'a route without a leg': buildCase({ route: BELT_ROUTE }) },
})
looks({
  rule: 'leg-contact',
  check: 'leg-contact',
  stage: 'attach',
  severity: 'fix',
  source: 'maker',
  on: buildCase({ route: buildRoute({ leg: buildLeg({ matMayStay: true }) }) }),
  gives: { flat: 'pass', gap: 'fail', 'on-mat': 'pass', packed: 'fail', unsure: 'undecided' },
  outdatedBy: ['connectors', 'base', 'removed', 'slideMm', 'recline', 'legNotch', 'wedge'],
  notAsked: {},
})
looks({
  rule: 'leg-contact',
  check: 'leg-contact',
  stage: 'attach',
  severity: 'fix',
  source: 'maker',
  on: buildCase({ position: { floor: { kind: 'solid', matMayStay: true } } }),
  gives: { flat: 'pass', gap: 'fail', 'on-mat': 'pass', packed: 'fail', unsure: 'undecided' },
  outdatedBy: ['connectors', 'base', 'removed', 'slideMm', 'recline', 'legNotch', 'wedge'],
  notAsked: {},
})
