import { sentence, ruleText } from '../say.ts'

export default ruleText({
  title: 'Recline position permitted',
  standsOn:
    'The recline must be on the list that the maker permits for the mode and route; off the list fails whatever the angle. A list that nobody has read is open.',
  says: {
    'unknown-reclines': sentence({
      reason: () => 'Which recline positions this mode has has not been read.',
      remedy: () => 'Read the positions in the manual or on the base; none is an answer too.',
    }),
    pass: sentence({ reason: () => 'This mode has no recline positions.' }),
    'unknown-permitted-reclines': sentence({
      reason: () => 'Which of the recline positions this route permits has not been read.',
      remedy: () => 'Read in the manual which positions may be used by this route.',
    }),
    'unknown-recline': sentence<{ names: string[] }>({
      reason: () => 'The recline position set is not recorded.',
      remedy: ({ names }) => `Set and record one of: ${names.join(', ')}.`,
    }),
    judged: sentence<{ label: string; names: string[] }>({
      reason: ({ label, names }) => `Recline “${label}”; permitted here: ${names.join(', ')}.`,
      remedy: ({ names }) => `Set one of: ${names.join(', ')}.`,
    }),
  },
})
