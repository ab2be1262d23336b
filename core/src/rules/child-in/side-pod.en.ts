import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Side pod on the door side',
  standsOn: 'A pod that takes up a side impact stands out on the side of the nearer door.',
  says: {},
})
