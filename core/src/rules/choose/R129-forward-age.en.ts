import { formatNumber, formatAge, type Interval, type Decision } from '../../quantities/index.ts'
import { sentence, ruleText } from '../say.ts'

export default ruleText({
  title: 'Rearward until over 15 months',
  standsOn: 'UN R129: rearward or lateral until the child is over 15 months old: the day after, not the day itself.',
  says: {
    judged: sentence<{ age: Interval | undefined; kind: Decision }>({
      reason: ({ age, kind }) =>
        age === undefined
          ? 'The age is not known; facing forward needs over 15 months.'
          : kind === 'undecided'
            ? `${formatNumber(age.lo)} to ${formatNumber(age.hi)} months may or may not be over 15 months.`
            : `${formatAge(age.lo)} old; facing forward needs over 15 months.`,
      remedy: ({ kind }) => (kind === 'undecided' ? 'Ask for the date of birth.' : 'Stay rearward-facing.'),
    }),
  },
})
