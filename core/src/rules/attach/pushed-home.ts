import { observedRule } from '../outcomes.ts'

export default observedRule({
  id: 'pushed-home',
  title: 'Pushed home',
  stage: 'attach',
  source: 'maker',
  standsOn: 'Where the maker asks for it, the base stands against the backrest.',
  checks: ['pushed-home'],
  applies: ({ route }) => route.isofix?.pushedHome === 'required',
})
