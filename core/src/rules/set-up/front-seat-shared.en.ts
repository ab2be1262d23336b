import { formatNumber } from '../../quantities/index.ts'
import { ruleText, sentence } from '../say.ts'

export default ruleText({
  title: 'A front seat that carries a restraint',
  standsOn:
    'A front seat with a restraint on it stands fully back, furthest from the dashboard, whatever is behind it; the restraint behind is set up with the seat there.',
  says: {
    'not-set': sentence({
      reason: () =>
        'A restraint is on the seat in front, which must be fully back; where it stands has not been entered here.',
      remedy: () => 'Put the seat in front fully back and enter the distance to it.',
    }),
    'no-range': sentence({
      reason: () => 'A restraint is on the seat in front; the distance with it fully back is not known.',
      remedy: () => 'Measure the distance with the front seat fully back and fully forward.',
    }),
    judged: sentence<{ setMm: number; backMm: number; isBack: boolean }>({
      reason: ({ setMm, backMm, isBack }) =>
        isBack
          ? `The seat in front carries a restraint and is fully back: ${formatNumber(setMm)} mm from here.`
          : `The seat in front carries a restraint and stands ${formatNumber(setMm)} mm away; fully back is ${formatNumber(backMm)} mm.`,
      remedy: () => 'Put the seat in front fully back, and set up behind it again.',
    }),
  },
})
