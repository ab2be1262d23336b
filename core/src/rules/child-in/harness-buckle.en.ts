import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Harness buckle',
  standsOn: 'Both tongues in, a click, and it holds when pulled.',
  says: {},
})
