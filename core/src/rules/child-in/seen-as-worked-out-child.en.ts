import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Matches the calculation',
  standsOn:
    'Where what is seen differs from the calculation by more than their combined uncertainty, something was measured or installed wrong: undecided until one is corrected. A value only estimated from the stature asks for a measurement and blocks nothing.',
  says: {},
})
