import { formatNumber, formatInterval, type Interval, type Decision } from '../../quantities/index.ts'
import { sentence, ruleText } from '../say.ts'

interface Sum {
  readonly kind: Decision
  readonly sum: Interval
  readonly limit: number
  readonly childKg: Interval
  readonly restraintKg: number
}
const sumText = ({ restraintKg, childKg, sum }: Sum): string =>
  `${formatNumber(restraintKg)} kg restraint + ${formatInterval(childKg, 'kg')} child is ${formatInterval(sum, 'kg')}`

export default ruleText({
  title: 'Child and restraint on the ISOFIX anchorages',
  standsOn:
    'Child and restraint together at most 33 kg on ISOFIX, for every integral mode held by it, under UN R129 and UN R44; where a handbook states a figure of its own, the lower of the two holds.',
  says: {
    'unknown-mass-kg': sentence<{ restraintKg: number; limit: number }>({
      reason: ({ restraintKg, limit }) =>
        `The mass is not known; on ISOFIX this ${formatNumber(restraintKg)} kg restraint takes at most ${formatNumber(limit - restraintKg)} kg of child.`,
      remedy: () => 'Measure the mass.',
    }),
    judged: sentence<Sum>({
      reason: (d) =>
        d.kind === 'fail'
          ? `${formatNumber(d.sum.lo - d.limit, 2)} kg too heavy: ${sumText(d)}; ISOFIX takes ${formatNumber(d.limit)} kg.`
          : d.kind === 'undecided'
            ? `${sumText(d)}: too close to the limit of ${formatNumber(d.limit)} kg on ISOFIX to tell.`
            : `${sumText(d)}; ISOFIX takes ${formatNumber(d.limit)} kg.`,
      remedy: ({ kind }) =>
        kind === 'undecided' ? 'Measure the mass more closely.' : 'Use a belt route or a lighter restraint.',
    }),
  },
})
