import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Harness not twisted',
  standsOn: 'Each strap lies flat from shell to buckle.',
  says: {},
})
