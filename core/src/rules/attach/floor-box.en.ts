import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Floor box bears the leg',
  standsOn: 'A box that may bear a leg only filled or propped is seen to be so, by this fitter, now.',
  says: {},
})
