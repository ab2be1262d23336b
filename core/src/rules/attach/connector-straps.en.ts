import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Connector straps tight',
  standsOn: 'Connectors on straps are pulled tight and lie flat.',
  says: {},
})
