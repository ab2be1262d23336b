import { observedRule } from '../outcomes.ts'

export default observedRule({
  id: 'console-out',
  title: 'Removable console out',
  stage: 'attach',
  source: 'vehicle',
  standsOn: 'A console that can be taken out is out before a restraint and its leg go in.',
  checks: ['console-out'],
  applies: ({ position }) => position.obstacles?.includes('removable-console') ?? false,
})
