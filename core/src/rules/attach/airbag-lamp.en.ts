import { sentence, ruleText } from '../say.ts'

export default ruleText({
  title: 'Airbag lamp as required',
  standsOn:
    'In front of a rearward-facing child the frontal airbag is off; in front of a forward-facing child it is as handbook and manual say. Its lamp must show it.',
  says: {
    judged: sentence<{ isOff: boolean; mustBeOff: boolean }>({
      reason: ({ isOff, mustBeOff }) =>
        `The airbag is ${isOff ? 'off' : 'on'}; here it must be ${mustBeOff ? 'off' : 'on'}.`,
    }),
  },
})
