import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Front place fully back',
  standsOn:
    'A child who travels in the front row sits as far back as handbook and belt geometry let the seat slide, set as the handbook says.',
  says: {},
})
