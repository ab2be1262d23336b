import { observedRule } from '../outcomes.ts'

export default observedRule({
  id: 'front-place-back',
  title: 'Front place fully back',
  stage: 'attach',
  source: 'vehicle',
  standsOn:
    'A child who travels in the front row sits as far back as handbook and belt geometry let the seat slide, set as the handbook says.',
  checks: ['seat-fully-back'],
  applies: ({ position }) => position.row === 1,
})
