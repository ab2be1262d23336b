import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Leg indicator',
  standsOn: 'Where the foot has an indicator, it shows good.',
  says: {},
})
