import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Leg indicator',
  standsOn: 'The foot shows good where it has an indicator.',
  says: {},
})
