import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'lower-tethers-used',
  stage: 'attach',
  kind: 'options',
  options: { hooked: 'pass', 'left-off': 'by-rule', unsure: 'undecided' },
  of: ['lower-straps'],
  puttingRight: ['lower-straps', 'steadiness', 'angle'],
})
