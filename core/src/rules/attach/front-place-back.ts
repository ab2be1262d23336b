import { observedRule } from '../observed.ts'

export default observedRule({
  id: 'front-place-back',
  stage: 'attach',
  source: 'vehicle',
  checks: ['seat-fully-back'],
  applies: ({ position }) => position.row === 1,
})
