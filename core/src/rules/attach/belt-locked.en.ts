import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Belt tight and locked',
  standsOn: 'The slack is pulled from the lap section through the tongue, then the lock closed: the belt does not run.',
  says: {},
})
