import { sentence, ruleText } from '../say.ts'

export default ruleText({
  title: 'Wedge only where the maker allows it',
  standsOn:
    'Only a wedge that the maker supplies or allows goes under the base; where there is one, record whether it is in.',
  says: {
    'unknown-wedge': sentence({
      reason: () => 'A wedge belongs to this mode; whether it is in is not recorded.',
      remedy: () => 'Record whether the wedge is in.',
    }),
    judged: sentence<{ isIn: boolean; isAllowed: boolean }>({
      reason: ({ isIn, isAllowed }) =>
        !isIn
          ? 'The wedge is not in.'
          : isAllowed
            ? 'The maker allows this wedge.'
            : 'A wedge is in, and the maker allows none with this mode.',
      remedy: () => 'Take the wedge out; choose another recline, place or restraint.',
    }),
  },
})
