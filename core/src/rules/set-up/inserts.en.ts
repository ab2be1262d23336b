import { sentence, ruleText } from '../say.ts'

/** Names of inserts, by what the maker asks for this child. */
interface Wanted {
  readonly in: readonly string[]
  readonly out: readonly string[]
  readonly free: readonly string[]
}
const wantedText = (w: Wanted): string =>
  [...w.in.map((n) => `${n} in`), ...w.out.map((n) => `${n} out`), ...w.free.map((n) => `${n} optional`)].join(', ')
const after = (lead: string, text: string): string => (text === '' ? '' : `${lead}${text}`)

export default ruleText({
  title: 'Inserts in or out',
  standsOn:
    'Each insert piece is required until, and allowed until, the limits the maker gives; the limit itself counts as reached.',
  says: {
    'not-recorded': sentence<{ wanted: Wanted }>({
      reason: ({ wanted }) => `Which inserts are in is not recorded${after('; for this child: ', wantedText(wanted))}.`,
      remedy: () => 'Record which inserts are in.',
    }),
    wrong: sentence<{ wanted: Wanted; putIn: readonly string[]; takeOut: readonly string[] }>({
      reason: ({ wanted }) => `For this child: ${wantedText(wanted)}.`,
      remedy: ({ putIn, takeOut }) =>
        `${[...putIn.map((n) => `put ${n} in`), ...takeOut.map((n) => `take ${n} out`)].join('; ')}.`.replace(
          /^./,
          (c) => c.toUpperCase(),
        ),
    }),
    depends: sentence<{ names: readonly string[] }>({
      reason: ({ names }) =>
        `Whether ${names.join(' and ')} ${names.length === 1 ? 'belongs' : 'belong'} in depends on a measure that is missing or too close to its limit.`,
      remedy: () => 'Measure the child more closely.',
    }),
    'as-asked': sentence<{ wanted: Wanted }>({
      reason: ({ wanted }) => `Inserts as the maker asks${after(': ', wantedText(wanted))}.`,
    }),
  },
})
