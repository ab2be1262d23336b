import { sentence, ruleText } from '../say.ts'

export default ruleText({
  title: 'Catalogue entry against its regulation',
  standsOn:
    'A maker may ask for more than the regulation, never for less: an entry that asks for less contains a mistake, and is not used until it has been compared with the manual.',
  says: {
    contradicts: sentence<{ lints: readonly string[] }>({
      reason: ({ lints }) => `The catalogue contradicts the regulation: ${lints.join('; ')}.`,
      remedy: () => 'Read the range on the approval label and in the manual, and correct the catalogue.',
    }),
  },
})
