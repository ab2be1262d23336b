import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Belt in every guide of this direction',
  standsOn: 'Each guide in the order listed for the route; the other direction’s path is wrong.',
  says: {},
})
