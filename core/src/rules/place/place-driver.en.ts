import { sentence, ruleText } from '../say.ts'

export default ruleText({
  title: 'Not the driver’s seat',
  standsOn: 'No restraint is fitted on the driver’s seat.',
  says: {
    judged: sentence<{ isDrivers: boolean }>({
      reason: ({ isDrivers }) => (isDrivers ? 'This is the driver’s seat.' : 'This is not the driver’s seat.'),
      remedy: () => 'Use another place.',
    }),
  },
})
