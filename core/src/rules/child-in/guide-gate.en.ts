import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Diagonal in its guide',
  standsOn: 'The diagonal runs through its guide, the gate shut where it has one, any reference line in sight.',
  says: {},
})
