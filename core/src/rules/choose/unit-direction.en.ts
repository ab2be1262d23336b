import { sentence, ruleText } from '../say.ts'

export default ruleText({
  title: 'The unit faces as this mode asks',
  standsOn:
    'Where turning a restraint round means lifting its shell off or fitting it anew, the way a unit faces is a fact of the unit; the other direction asks for its conversion first. A shell that turns on its base is set round in the fitting.',
  says: {
    pass: sentence<{ serial: string | undefined; stands: 'rearward' | 'forward' | 'lateral' }>({
      reason: ({ serial, stands }) => `Unit ${serial} stands ${stands}.`,
    }),
    'unknown-turns': sentence<{ direction: 'rearward' | 'forward' | 'lateral' }>({
      reason: ({ direction }) =>
        `Whether its shell turns to ${direction}, or is lifted off and set round, is not known.`,
      remedy: () => 'Look in the manual, and record whether the shell turns on its base.',
    }),
    'unknown-direction': sentence<{
      direction: 'rearward' | 'forward' | 'lateral'
      serial: string | undefined
    }>({
      reason: ({ direction, serial }) =>
        serial === undefined
          ? `No unit has been chosen; this mode needs one that stands ${direction}.`
          : `Which way unit ${serial} stands is not recorded.`,
      remedy: () => 'Look at the unit, and record which way it stands.',
    }),
    fail: sentence<{
      serial: string | undefined
      stands: 'rearward' | 'forward' | 'lateral'
      direction: 'rearward' | 'forward' | 'lateral'
    }>({
      reason: ({ serial, stands, direction }) => `Unit ${serial} stands ${stands}; this mode needs it ${direction}.`,
      remedy: () => 'Set it round first: begin “Convert it to another mode”.',
    }),
  },
})
