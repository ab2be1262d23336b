import { observedRule } from '../observed.ts'

export default observedRule({
  id: 'console-out',
  stage: 'attach',
  source: 'vehicle',
  checks: ['console-out'],
  applies: ({ position }) => position.obstacles?.includes('removable-console') ?? false,
})
