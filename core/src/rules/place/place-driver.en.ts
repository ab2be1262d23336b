import { sentence, ruleText } from '../say.ts'

export default ruleText({
  title: 'Not the driver’s seat',
  standsOn: 'Nobody is fitted on the seat from which the car is driven.',
  says: {
    judged: sentence<{ isDrivers: boolean }>({
      reason: ({ isDrivers }) => (isDrivers ? 'This is the driver’s seat.' : 'This is no driver’s seat.'),
      remedy: () => 'Use another place.',
    }),
  },
})
