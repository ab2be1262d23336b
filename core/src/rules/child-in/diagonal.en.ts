import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Diagonal over the shoulder',
  standsOn: 'Over the middle of the shoulder, between neck and arm.',
  says: {},
})
