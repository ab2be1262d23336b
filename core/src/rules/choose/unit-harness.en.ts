import { sentence, ruleText } from '../say.ts'

const STANDS = { in: 'with its harness in', stowed: 'with its harness stowed' } as const

export default ruleText({
  title: 'The unit’s harness as this mode needs it',
  standsOn:
    'A restraint used with and without its harness stands one way or the other: harness in, or stowed; the other mode needs its conversion first.',
  says: {
    'unknown-harness': sentence<{
      wanted: 'in' | 'stowed'
      serial: string | undefined
    }>({
      reason: ({ wanted, serial }) =>
        serial === undefined
          ? `No unit has been chosen; this mode needs one ${STANDS[wanted]}.`
          : `Whether unit ${serial} stands ${STANDS[wanted]} is not recorded.`,
      remedy: () => 'Look at the unit, and record whether its harness is in or stowed.',
    }),
    judged: sentence<{ serial: string | undefined; stands: 'in' | 'stowed'; wanted: 'in' | 'stowed' }>({
      reason: ({ serial, stands, wanted }) =>
        `Unit ${serial} stands ${STANDS[stands]}${stands === wanted ? '' : `; this mode needs it ${wanted}`}.`,
      remedy: () => 'Convert it first: begin “Convert it to another mode”.',
    }),
  },
})
