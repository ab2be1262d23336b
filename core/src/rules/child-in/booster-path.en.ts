import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Belt flat in every booster guide',
  standsOn: 'The belt runs through every guide listed for the route.',
  says: {},
})
