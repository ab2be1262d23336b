import { formatInterval, formatNumber, type Interval } from '../../quantities/index.ts'
import { sentence, ruleText } from '../say.ts'

export default ruleText({
  title: 'Base lifted by the leg',
  standsOn:
    'A notch longer than needed lifts the base by (L_k − L)·cos ψ, which must stay within what the maker allows; where the maker is silent, the practice school “gap” decides.',
  says: {
    judged: sentence<{ notch: number; lift: Interval; isMakers: boolean; limit: number; below: Interval | undefined }>({
      reason: ({ notch, lift, isMakers, limit }) =>
        `Notch ${notch} ${lift.hi < 0 ? 'does not lift the base' : `lifts the base by ${formatInterval(lift, 'mm', 0)}`}; ${isMakers ? `the maker allows ${formatNumber(limit, 0)} mm` : 'the maker gives no limit, and your practice profile accepts no lift'}.`,
      remedy: ({ below }) => {
        if (below === undefined) return 'Use another place or route, or ask the maker.'
        // A leg that is set far too long is made shorter; only the last notch that reaches has nothing below it.
        if (below.lo >= 0)
          return `Set a shorter notch: the next one lifts the base by ${formatInterval(below, 'mm', 0)}.`
        return `The notch below would leave ${formatInterval({ lo: -below.hi, hi: -below.lo }, 'mm', 0)} under the foot. Use another place or route, or ask the maker.`
      },
    }),
  },
})
