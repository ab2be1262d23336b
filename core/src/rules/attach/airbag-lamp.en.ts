import { sentence, ruleText } from '../say.ts'

export default ruleText({
  title: 'Airbag seen as it must be',
  standsOn:
    'Before a rearward child the frontal airbag is off, before a forward child as handbook and manual say; its lamp is seen to say so.',
  says: {
    judged: sentence<{ isOff: boolean; mustBeOff: boolean }>({
      reason: ({ isOff, mustBeOff }) =>
        `Airbag ${isOff ? 'seen off' : 'on'}; it must be ${mustBeOff ? 'off' : 'on'} here.`,
    }),
  },
})
