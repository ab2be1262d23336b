import { sentence, ruleText } from '../say.ts'

export default ruleText({
  title: 'The unit faces the way this mode needs',
  standsOn:
    'Where turning a restraint round means lifting its shell off or refitting it, the way a unit faces belongs to the unit; the other direction needs its conversion first. A shell that turns on its base is turned during the fitting.',
  says: {
    pass: sentence<{ serial: string | undefined; stands: 'rearward' | 'forward' | 'lateral' }>({
      reason: ({ serial, stands }) => `Unit ${serial} stands ${stands}.`,
    }),
    'unknown-turns': sentence<{ direction: 'rearward' | 'forward' | 'lateral' }>({
      reason: ({ direction }) =>
        `Whether its shell turns to ${direction}, or must be lifted off and turned round, is not known.`,
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
      remedy: () => 'Turn it round first: begin “Convert it to another mode”.',
    }),
  },
})
