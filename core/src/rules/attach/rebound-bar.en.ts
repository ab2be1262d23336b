import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Rebound bar at its last click',
  standsOn: 'A rebound bar with a ratchet is taken to its last loud click against the backrest.',
  says: {},
})
