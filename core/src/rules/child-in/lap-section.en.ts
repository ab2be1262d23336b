import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Lap section low',
  standsOn: 'Low on the hips, on the thighs, under both arm rests.',
  says: {},
})
