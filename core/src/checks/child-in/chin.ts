import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'chin',
  stage: 'child-in',
  kind: 'options',
  options: { back: 'pass', forward: 'fail', unsure: 'undecided' },
  of: ['angle', 'harness'],
  puttingRight: ['angle', 'harness', 'head-position'],
})
