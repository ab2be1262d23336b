import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Both latch indicators',
  standsOn:
    'Left and right connector each show that they are latched; an indicator that showed so before proves nothing.',
  says: {},
})
