import { observedRule } from '../observed.ts'

export default observedRule({
  id: 'pushed-home',
  stage: 'attach',
  source: 'maker',
  checks: ['pushed-home'],
  applies: ({ route }) => route.isofix?.pushedHome === 'required',
})
