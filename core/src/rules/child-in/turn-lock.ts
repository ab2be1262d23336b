import { observedRule } from '../observed.ts'

export default observedRule({
  id: 'turn-lock',
  stage: 'child-in',
  source: 'maker',
  checks: ['turn-lock'],
  applies: ({ mode }) => mode.turns !== undefined,
})
