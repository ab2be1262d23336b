import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Removable console out',
  standsOn: 'A console that can be taken out is out before a restraint and its leg go in.',
  says: {},
})
