import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Nothing added that the maker did not supply',
  standsOn: 'Mats, pads, strap clips and cushions of another make were not tested with it.',
  says: {},
})
