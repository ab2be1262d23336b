import { ruleText } from '../say.ts'

export default ruleText({
  title: 'A tug on each connector',
  standsOn: 'An indicator can show good while the connector misses its bar: each arm is pulled on its own.',
  says: {},
})
