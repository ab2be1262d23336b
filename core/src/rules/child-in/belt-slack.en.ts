import { ruleText } from '../say.ts'

export default ruleText({
  title: 'No slack in the booster’s belt',
  standsOn: 'None can be pulled out by a light hand, once the diagonal is drawn towards the retractor.',
  says: {},
})
