import { BAD_ALONE, defineCheck } from '../check.ts'

export default defineCheck({
  id: 'gap-behind',
  stage: 'attach',
  kind: 'options',
  options: { none: 'pass', gap: BAD_ALONE, unsure: 'undecided' },
  of: ['gaps'],
  puttingRight: ['attachment'],
})
