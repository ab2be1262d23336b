import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'label-serial',
  stage: 'attach',
  kind: 'options',
  options: { match: 'pass', differs: 'fail', unsure: 'undecided' },
  of: [],
  puttingRight: [],
})
