import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Belt not twisted',
  standsOn: 'Lap and diagonal section lie flat.',
  says: {},
})
