import { buildCase } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'

looks({
  rule: 'console-out',
  check: 'console-out',
  stage: 'attach',
  severity: 'fix',
  source: 'vehicle',
  on: buildCase({ position: { obstacles: ['removable-console'] } }),
  gives: { out: 'pass', in: 'fail', unsure: 'undecided' },
  outdatedBy: ['removed', 'left'],
  notAsked: {
    'a place without one': buildCase(),
    'a console that cannot be taken out': buildCase({ position: { obstacles: ['centre-console'] } }),
  },
})
