import { stepText } from '../usual-step.ts'

export default stepText({
  title: 'Look behind and under it',
  says: {
    'no-gap': () => 'No gap at the backrest or the cushion, unless the maker says that one may stay.',
  },
})
