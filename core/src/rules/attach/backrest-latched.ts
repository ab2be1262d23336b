import { observedRule } from '../outcomes.ts'

export default observedRule({
  id: 'backrest-latched',
  title: 'Vehicle backrest latched',
  stage: 'attach',
  source: 'vehicle',
  standsOn: 'A split backrest that is not latched lets go of everything fastened to it.',
  checks: ['backrest-latched'],
  applies: () => true,
})
