import { othersBeside, othersSharing } from '../../casefile/index.ts'
import { observedRule } from '../observed.ts'

export default observedRule({
  id: 'room-beside',
  stage: 'attach',
  source: 'practice',
  checks: ['room-beside'],
  applies: (s) => othersBeside(s, s.position).length > 0 || othersSharing(s, [s.position]).length > 0,
})
