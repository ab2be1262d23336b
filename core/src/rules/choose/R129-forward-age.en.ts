import { formatNumber, formatAge, type Interval, type Decision } from '../../quantities/index.ts'
import { sentence, ruleText } from '../say.ts'

export default ruleText({
  title: 'Rearward until over 15 months',
  standsOn: 'UN R129: rearward or lateral until the child is over 15 months: the day after, not the day.',
  says: {
    judged: sentence<{ age: Interval | undefined; kind: Decision }>({
      reason: ({ age, kind }) =>
        age === undefined
          ? 'Age is not known; forward travel needs over 15 months.'
          : kind === 'undecided'
            ? `${formatNumber(age.lo)} to ${formatNumber(age.hi)} months may or may not be over 15 months.`
            : `${formatAge(age.lo)} old; forward travel needs over 15 months.`,
      remedy: ({ kind }) => (kind === 'undecided' ? 'Ask for the day of birth.' : 'Stay rearward.'),
    }),
  },
})
