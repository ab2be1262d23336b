import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Rebound bar at its last click',
  standsOn: 'A rebound bar bears on the backrest; one with a ratchet stands at its last loud click.',
  says: {},
})
