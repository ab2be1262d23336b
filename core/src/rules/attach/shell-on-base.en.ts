import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Shell latched on its base',
  standsOn: 'The shell cannot be lifted off its base.',
  says: {},
})
