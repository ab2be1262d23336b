import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Label and serial in hand',
  standsOn:
    'The approval label is read today and the serial matches the entry: what is judged is the restraint in front of you.',
  says: {},
})
