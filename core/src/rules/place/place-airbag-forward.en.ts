import type { AirbagAsked } from '../airbag.ts'
import { sentence, ruleText } from '../say.ts'

export default ruleText({
  title: 'Airbag in front of a forward-facing child',
  standsOn:
    'Forward in the front row the airbag is as the handbook and the manual say, both stated; where they differ, nobody travels there.',
  says: {
    pass: sentence({ reason: () => 'No frontal airbag at this place.' }),
    unknown: sentence<{
      asked: AirbagAsked
      forwardAirbag: 'either' | 'on' | 'off' | undefined
      frontAirbag: 'either' | 'on' | 'off' | undefined
    }>({
      reason: ({ asked, forwardAirbag, frontAirbag }) =>
        asked === 'contradicted'
          ? `The handbook asks for the airbag ${forwardAirbag}, the manual for it ${frontAirbag}.`
          : 'Whether the airbag in front of a forward-facing child is on or off here is stated by handbook and manual; not both have been read.',
      remedy: () => 'Read both, or use a place in the back.',
    }),
    judged: sentence<{
      cannot: boolean
      isDoubtful: boolean
      asked: AirbagAsked
    }>({
      reason: ({ cannot, isDoubtful, asked }) =>
        cannot
          ? 'The airbag is to be off, and cannot be switched off.'
          : isDoubtful
            ? 'The airbag is to be off, and only a weight sensor does it; that counts only where the handbook says so.'
            : `Handbook and manual: airbag ${asked === 'either' ? 'on or off' : asked}.`,
      remedy: () => 'Use a place in the back.',
    }),
  },
})
