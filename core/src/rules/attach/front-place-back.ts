import { observedRule } from '../outcomes.ts'

export default observedRule({
  id: 'front-place-back',
  title: 'Front place fully back',
  stage: 'attach',
  source: 'vehicle',
  standsOn:
    'A child who travels forward in the front row sits as far from the airbag as the seat slides, set as the handbook says.',
  checks: ['seat-fully-back'],
  applies: ({ mode, position }) => mode.direction === 'forward' && position.row === 1,
})
