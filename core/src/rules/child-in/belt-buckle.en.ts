import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Vehicle buckle latched',
  standsOn: 'The tongue clicks, and holds when pulled.',
  says: {},
})
