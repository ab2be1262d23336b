import { observedRule } from '../outcomes.ts'

export default observedRule({
  id: 'label-serial',
  title: 'Label and serial in hand',
  stage: 'attach',
  source: 'maker',
  standsOn:
    'The approval label is read today and the serial matches the entry: what is judged is the restraint that stands here.',
  checks: ['label-serial'],
  applies: () => true,
})
