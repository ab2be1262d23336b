import { sentence, ruleText } from '../say.ts'

export default ruleText({
  title: 'Vehicle head restraint as the maker asks',
  standsOn: 'Some makers want the vehicle’s head restraint on, some off; the maker comes before any practice school.',
  says: {
    judged: sentence<{ is: 'on' | 'off' | undefined; wanted: 'either' | 'on' | 'off' | undefined }>({
      reason: ({ is, wanted }) =>
        is === undefined
          ? `The maker asks for the vehicle head restraint ${wanted}; whether it is on is not recorded.`
          : `The vehicle head restraint is ${is}; the maker asks for it ${wanted}.`,
      remedy: ({ wanted }) => (wanted === 'on' ? 'Put it back on.' : 'Take it off and stow it in the load space.'),
    }),
  },
})
