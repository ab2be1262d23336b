import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Tether flat on its path',
  standsOn: 'The strap lies flat on the path over or round the head restraint that the maker shows.',
  says: {},
})
