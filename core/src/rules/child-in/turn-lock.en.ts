import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Turn lock',
  standsOn: 'A turning shell is locked in the direction of travel.',
  says: {},
})
