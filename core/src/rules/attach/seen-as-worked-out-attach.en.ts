import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Matches the calculation',
  standsOn:
    'Where what is seen differs from what was worked out by more than both are uncertain, something was measured or installed wrong: undecided until one is corrected. What is only estimated from the stature asks for a measurement and holds nothing up.',
  says: {},
})
