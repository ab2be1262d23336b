import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Lower tethers tight',
  standsOn: 'Both tightened in turn until wiggling makes no more clicks.',
  says: {},
})
