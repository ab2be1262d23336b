import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Belt in every guide of this direction',
  standsOn:
    'The belt runs through each guide in the order listed for the route; the path for the other direction is wrong.',
  says: {},
})
