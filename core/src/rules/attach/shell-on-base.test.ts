import { buildCase, buildRoute } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'

looks({
  rule: 'shell-on-base',
  check: 'shell-on-base',
  stage: 'attach',
  severity: 'fix',
  source: 'maker',
  on: buildCase({ route: buildRoute({ usesBase: true }) }),
  gives: { held: 'pass', lifts: 'fail', unsure: 'undecided' },
  outdatedBy: ['connectors', 'base', 'removed', 'slideMm', 'set-round', 'carrier'],
  notAsked: { 'a shell that stands by itself': buildCase() },
})
