import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Carrying handle',
  standsOn: 'The handle stands in the travel position the maker gives.',
  says: {},
})
