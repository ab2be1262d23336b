import { sentence, type Said, ruleText } from '../say.ts'

export default ruleText({
  title: 'Loose locking clip in its place',
  standsOn:
    'A loose clip sits on the section and at the distance from the tongue that the maker gives; with which retractors it is needed, the maker says too.',
  says: {
    'not-needed': sentence({ reason: () => 'With this retractor the maker needs no clip.' }),
    'where-it-belongs': sentence<{
      said: Said
      section: 'both' | 'lap' | 'diagonal' | undefined
      fromTongueMm: number
    }>({
      reason: ({ said, section, fromTongueMm }, read) =>
        `${read.reason(said)} It belongs ${section === undefined || section === 'both' ? 'on lap and diagonal together' : `on the ${section} section`}, ${fromTongueMm === 0 ? 'flush with the tongue' : `${fromTongueMm} mm from the tongue`}.`,
      remedy: ({ said }, read) => read.remedy(said),
    }),
  },
})
