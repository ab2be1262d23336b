import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Belt tight where no lock holds it',
  standsOn:
    'A route without a lock is judged by path, tension and movement: the belt lies tight, and may run when drawn slowly.',
  says: {},
})
