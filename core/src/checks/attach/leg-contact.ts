import { BAD_ALONE, defineCheck } from '../check.ts'

export default defineCheck({
  id: 'leg-contact',
  stage: 'attach',
  kind: 'options',
  options: { flat: 'pass', gap: 'fail', 'on-mat': BAD_ALONE, packed: 'fail', unsure: 'undecided' },
  of: ['leg'],
  puttingRight: ['leg', 'angle', 'latches', 'gaps', 'steadiness'],
})
