import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'strap-pressure',
  stage: 'child-in',
  kind: 'options',
  options: { comfortable: 'pass', 'digs-in': 'fail', unsure: 'undecided' },
  of: ['slack'],
  puttingRight: ['slack', 'coat-hides-mm', 'head-position'],
})
