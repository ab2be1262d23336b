import { sentence, ruleText } from '../say.ts'

export default ruleText({
  title: 'UN R44 series still usable',
  standsOn: 'UN R44: only series 03 and 04 may still be used.',
  says: {
    judged: sentence<{ series: '01' | '02' | '03' | '04' | '00' }>({
      reason: ({ series }) => `Approved to UN R44 series ${series}; 03 and 04 may be used.`,
      remedy: () => 'Take it out of use and choose another restraint.',
    }),
  },
})
