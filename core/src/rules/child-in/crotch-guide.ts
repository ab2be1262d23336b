import { observedRule } from '../outcomes.ts'

export default observedRule({
  id: 'crotch-guide',
  title: 'Lap section in the guide between the legs',
  stage: 'child-in',
  source: 'maker',
  standsOn: 'Where a guide between the legs leads the lap section, it runs through it.',
  checks: ['crotch-guide'],
  applies: ({ mode }) => mode.crotchBeltGuide === true,
})
