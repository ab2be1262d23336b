import { formatInterval, formatNumber, type Interval, type Decision } from '../../quantities/index.ts'
import { sentence, ruleText } from '../say.ts'

const ASKS = {
  'must-touch': 'the maker asks for touch',
  'must-not-touch': 'a clear gap is asked for',
  either: 'the maker accepts touch or gap',
} as const

const more = (mm: number): string => {
  const whole = formatNumber(mm, 0)
  return whole === formatNumber(0, 0) ? 'Needs a gap' : `Needs ${whole} mm more`
}
const spanText = ({ lo, hi }: Interval): string => {
  const [from, to] = [formatNumber(lo, 0), formatNumber(hi, 0)]
  return from === to ? `${to} mm` : `${from} to ${to} mm`
}

export default ruleText({
  title: 'Room in front of the shell',
  standsOn:
    'Clearance is D − X with X = x₀ + ℓ·sin φ and D at the tallest driver’s setting, or as the seat in front stands; the maker’s touch rule is held against it until it is looked at.',
  says: {
    judged: sentence<{
      reachMm: Interval
      row: number
      distanceMm: Interval
      isAsSet: boolean
      clearance: Interval
      rule: 'either' | 'must-touch' | 'must-not-touch'
      kind: Decision
      isTooFarBack: boolean
      largestDeg: number | undefined
    }>({
      reason: ({ reachMm, row, distanceMm, isAsSet, clearance, rule }) =>
        `The shell reaches ${formatInterval(reachMm, 'mm', 0)} from the backrest and ${row === 1 ? 'the dashboard' : 'the seat in front'} stands at ${formatInterval(distanceMm, 'mm', 0)}${isAsSet || row === 1 ? '' : ', set for its tallest driver'}: room of ${formatInterval(clearance, 'mm', 0)}; ${ASKS[rule]}.`,
      remedy: ({ clearance, kind, isTooFarBack, largestDeg, rule }) =>
        kind === 'undecided'
          ? 'Too close to tell from the figures: set the seat in front where it travels and look.'
          : isTooFarBack
            ? `${more(-clearance.lo)}: a more upright recline${largestDeg === undefined ? '' : ` (${rule === 'must-not-touch' ? 'under' : 'at most'} ${formatNumber(largestDeg)}° leaves room)`}, the seat in front further forward, or another place.`
            : `Slide the seat in front back by ${spanText(clearance)} until it touches, or use another place.`,
    }),
  },
})
