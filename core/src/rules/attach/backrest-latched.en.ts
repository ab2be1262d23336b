import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Vehicle backrest latched',
  standsOn: 'A split backrest that is not latched lets go of everything fastened to it.',
  says: {},
})
