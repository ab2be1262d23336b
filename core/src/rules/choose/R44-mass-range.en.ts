import { rangeSentence } from '../ranges.en.ts'
import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Mass within the group or the mode’s own range',
  standsOn:
    'UN R44 goes by mass: 0 to 10, 0+ to 13, I 9–18, II 15–25, III 22–36 kg; the mode’s own range comes before the group’s.',
  says: {
    range: rangeSentence<{ statedBy: 'mode' | 'group'; groups: string }>({
      what: 'Mass',
      stated: ({ statedBy, groups }) => (statedBy === 'mode' ? 'the mode’s own range' : `group ${groups}`),
      below: 'Stay in a mode for a lighter child.',
      above: 'Outgrown by mass: choose a mode for a heavier child.',
    }),
  },
})
