import { sentence, ruleText } from '../say.ts'
import { notKnown } from '../facts.en.ts'

const ELSEWHERE = 'Use a place with a solid floor, or a route without a leg.'

export default ruleText({
  title: 'Floor may bear a leg',
  standsOn: 'A leg stands on a solid floor, or on a box only where the vehicle maker allows it filled or propped.',
  says: {
    'leg-forbidden': sentence({
      reason: () => 'The handbook permits no leg at this place.',
      remedy: () => 'Use another place, or a route without a leg.',
    }),
    'leg-permitted': sentence<{ permitted: true | undefined }>({
      reason: ({ permitted }) =>
        permitted === true
          ? 'The handbook permits a leg at this place.'
          : 'An i-Size place bears a leg; the handbook says nothing else.',
    }),
    'not-known': notKnown({
      what: 'what is under the floor where the leg lands',
      remedy: 'Look it up in the vehicle handbook, and look under the mat.',
    }),
    solid: sentence({ reason: () => 'The floor is solid.' }),
    'box-propped': sentence({
      reason: () =>
        'The floor box may bear a leg when it is filled or propped as the handbook says; that is checked in the car.',
    }),
    box: sentence({
      reason: () => 'There is a storage box under the floor that may not bear a leg.',
      remedy: () => ELSEWHERE,
    }),
    'no-floor': sentence({ reason: () => 'There is no floor for a leg at this place.', remedy: () => ELSEWHERE }),
  },
})
