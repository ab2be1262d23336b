import type { AirbagAsked } from '../airbag.ts'
import { sentence, ruleText } from '../say.ts'

export default ruleText({
  title: 'Airbag in front of a forward-facing child',
  standsOn:
    'Facing forward in the front row, the airbag is as handbook and manual say, both read; where they differ, no child travels there.',
  says: {
    pass: sentence({ reason: () => 'No frontal airbag at this place.' }),
    unknown: sentence<{
      asked: AirbagAsked
      forwardAirbag: 'either' | 'on' | 'off' | undefined
      frontAirbag: 'either' | 'on' | 'off' | undefined
    }>({
      reason: ({ asked, forwardAirbag, frontAirbag }) =>
        asked === 'contradicted'
          ? `The handbook asks for the airbag ${forwardAirbag}, the manual asks for it ${frontAirbag}.`
          : 'Handbook and manual say whether the airbag in front of a forward-facing child is on or off; they have not both been read.',
      remedy: () => 'Read both, or use a rear place.',
    }),
    judged: sentence<{
      cannot: boolean
      isDoubtful: boolean
      asked: AirbagAsked
    }>({
      reason: ({ cannot, isDoubtful, asked }) =>
        cannot
          ? 'The airbag must be off, and cannot be switched off.'
          : isDoubtful
            ? 'The airbag must be off, and only a weight sensor switches it; that counts only where the handbook says so.'
            : `Handbook and manual: airbag ${asked === 'either' ? 'on or off' : asked}.`,
      remedy: () => 'Use a rear place.',
    }),
  },
})
