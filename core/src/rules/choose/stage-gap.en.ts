import { formatNumber, type Decision, type Interval } from '../../quantities/index.ts'
import { ruleText, sentence } from '../say.ts'

interface Judged {
  readonly kind: Decision
  readonly quantity: 'massKg' | 'statureCm'
  readonly gap: Interval
}
const between = ({ quantity, gap: { lo, hi } }: Judged): string =>
  `between ${formatNumber(lo)} and ${formatNumber(hi)} ${quantity === 'massKg' ? 'kg' : 'cm'}`

export default ruleText({
  title: 'No gap between the modes of this restraint',
  standsOn: 'In some restraints one mode ends before the next begins; in between, no mode takes the child.',
  says: {
    judged: sentence<Judged>({
      reason: (d) =>
        d.kind === 'pass'
          ? `The child is not ${between(d)}, where no mode of this restraint takes it.`
          : `No mode of this restraint takes a child ${between(d)}.`,
      remedy: (d) =>
        d.kind === 'undecided'
          ? 'Measure more closely before this restraint is planned for the next stage.'
          : 'Use another restraint until the next mode begins.',
    }),
  },
})
