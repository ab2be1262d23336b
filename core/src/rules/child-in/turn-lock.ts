import { observedRule } from '../outcomes.ts'

export default observedRule({
  id: 'turn-lock',
  title: 'Turn lock',
  stage: 'child-in',
  source: 'maker',
  standsOn: 'A turning shell is locked in the direction of travel.',
  checks: ['turn-lock'],
  applies: ({ mode }) => mode.turns !== undefined,
})
