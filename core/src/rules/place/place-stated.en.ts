import { sentence, ruleText } from '../say.ts'

export default ruleText({
  title: 'Whether the seat slides is known',
  standsOn:
    'Some handbooks ask for a bench or seat to be slid to one setting under a restraint; look whether this one slides.',
  says: {
    judged: sentence<{
      isOpen: boolean
      needsSetting: boolean
      slides: boolean
      handbookSetting: string | undefined
    }>({
      reason: ({ isOpen, needsSetting, slides, handbookSetting }) =>
        isOpen
          ? 'Whether this seat slides is not known.'
          : needsSetting
            ? 'This seat slides; which setting the handbook asks for has not been read.'
            : !slides
              ? 'The seat does not slide.'
              : handbookSetting === ''
                ? 'The seat slides; the handbook asks for no setting.'
                : `The seat slides; the handbook says: ${handbookSetting}`,
      remedy: ({ isOpen }) => (isOpen ? 'Look for a track under the seat.' : 'Read the handbook for this seat.'),
    }),
  },
})
