import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Seat set as the handbook asks',
  standsOn: 'Where the handbook asks for a bench or seat to be slid to one setting, it stands there and is latched.',
  says: {},
})
