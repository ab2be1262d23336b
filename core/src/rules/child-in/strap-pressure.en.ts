import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Straps and head support not too tight',
  standsOn: 'Slack has a lower bound: the straps must not dig in, nor the head support wedge the child.',
  says: {},
})
