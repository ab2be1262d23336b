import { sentence, ruleText } from '../say.ts'

const oneOf = (names: readonly string[]): string =>
  names.length === 1 ? `“${names[0]}”` : `one of ${names.join(', ')}`
const NONE_READ =
  'Read in the manual which positions this route permits: none of those listed for the mode is among them.'

export default ruleText({
  title: 'Recline position permitted',
  standsOn:
    'The recline must be one that the maker permits for the mode and route; any other fails whatever the angle. A list that has not been read leaves it undecided.',
  says: {
    'unknown-reclines': sentence({
      reason: () => 'The recline positions of this mode have not been read.',
      remedy: () => 'Read the positions in the manual or on the base; “none” is an answer too.',
    }),
    pass: sentence({ reason: () => 'This mode has no recline positions.' }),
    'unknown-permitted-reclines': sentence({
      reason: () => 'Which of the recline positions this route permits has not been read.',
      remedy: () => 'Read in the manual which positions may be used by this route.',
    }),
    'unknown-recline': sentence<{ names: string[] }>({
      reason: () => 'The recline position set is not recorded.',
      remedy: ({ names }) => (names.length === 0 ? NONE_READ : `Set ${oneOf(names)}, and record it.`),
    }),
    judged: sentence<{ label: string; names: string[] }>({
      reason: ({ label, names }) =>
        `Recline “${label}”; permitted here: ${names.length === 0 ? 'none that is listed' : names.join(', ')}.`,
      remedy: ({ names }) => (names.length === 0 ? NONE_READ : `Set ${oneOf(names)}.`),
    }),
  },
})
