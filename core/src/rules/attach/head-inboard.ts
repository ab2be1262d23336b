import { observedRule } from '../outcomes.ts'

export default observedRule({
  id: 'head-inboard',
  title: 'Head away from the door',
  stage: 'attach',
  source: 'maker',
  standsOn: 'A child lying across the car has the head away from the door.',
  checks: ['head-inboard'],
  applies: ({ mode }) => mode.direction === 'lateral',
})
