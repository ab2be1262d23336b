import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Tether on a real anchorage',
  standsOn: 'A luggage ring may tear out: the tether goes to the anchorage marked in the handbook.',
  says: {},
})
