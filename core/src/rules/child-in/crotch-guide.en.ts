import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Lap section in the guide between the legs',
  standsOn: 'Where a guide between the legs leads the lap section, it runs through it.',
  says: {},
})
