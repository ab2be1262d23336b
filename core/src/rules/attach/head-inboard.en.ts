import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Head away from the door',
  standsOn: 'A child lying across the car has the head away from the door.',
  says: {},
})
