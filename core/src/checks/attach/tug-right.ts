import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'tug-right',
  stage: 'attach',
  kind: 'options',
  options: { held: 'pass', gave: 'fail', unsure: 'undecided' },
  of: ['tugs'],
  puttingRight: ['attachment'],
})
