import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Booster against the backrest',
  standsOn: 'A booster stands back against the vehicle’s backrest, square to it.',
  says: {},
})
