import type { SeatingPosition } from '../../vehicle/index.ts'
import { notKnown } from '../facts.en.ts'
import { sentence, ruleText } from '../say.ts'

export default ruleText({
  title: 'No active airbag in front of a rearward-facing child',
  standsOn:
    'Never rearward-facing in front of an active frontal airbag; one that cannot be switched off rules the place out.',
  says: {
    'not-known': notKnown({
      what: 'whether there is a frontal airbag, and whether it can be switched off',
      remedy: 'Look it up in the vehicle handbook.',
    }),
    judged: sentence<{
      airbag: NonNullable<SeatingPosition['frontAirbag']>
      automaticCutOffCounts: boolean | undefined
    }>({
      reason: ({ airbag }) =>
        airbag === 'none'
          ? 'No frontal airbag at this place.'
          : airbag === 'can-be-switched-off'
            ? 'The airbag can be switched off; its lamp must be seen off, and on again when an adult sits there.'
            : airbag === 'automatic'
              ? 'The airbag switches itself off by weight; that counts as off only where the handbook says so and its lamp shows it.'
              : 'The frontal airbag cannot be switched off.',
      remedy: ({ airbag, automaticCutOffCounts }) =>
        airbag === 'automatic' && automaticCutOffCounts === undefined
          ? 'Read in the handbook whether the automatic cut-off counts as off, or use another place.'
          : 'Use another place.',
    }),
  },
})
