import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Pushed home',
  standsOn: 'Where the maker asks for it, the base stands against the backrest.',
  says: {},
})
