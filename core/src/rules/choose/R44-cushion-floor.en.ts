import { sentence, ruleText } from '../say.ts'
import { formatInterval, type Interval, type Decision } from '../../quantities/index.ts'

export default ruleText({
  title: 'Cushion approved since 2017: from 125 cm and 22 kg',
  standsOn:
    'UN R44: a cushion approved in 2017 or later only from 125 cm and 22 kg, both; 125.0 cm and 22.0 kg themselves count. An older approval keeps its own range.',
  says: {
    older: sentence<{ year: number; sinceYear: number }>({
      reason: ({ year, sinceYear }) => `Approved in ${year}, before the minimum of ${sinceYear} came in.`,
    }),
    judged: sentence<{
      kind: Decision
      statureCm: Interval | undefined
      massKg: Interval | undefined
      year: number | undefined
      fromCm: number
      fromKg: number
      sinceYear: number
    }>({
      reason: ({ kind, statureCm, massKg, year, fromCm, fromKg, sinceYear }) => {
        const known = [
          ...(statureCm === undefined ? [] : [formatInterval(statureCm, 'cm')]),
          ...(massKg === undefined ? [] : [formatInterval(massKg, 'kg')]),
        ]
        const size = known.join(', ') || 'neither stature nor mass is known'
        const floor = `from ${fromCm} cm and ${fromKg} kg`
        if (kind === 'pass') return `${size}; a cushion ${floor}.`
        return year === undefined
          ? `${size}; when this cushion was approved is not known, and since ${sinceYear} only ${floor}.`
          : `${size}; a cushion approved in ${year} only ${floor}.`
      },
      remedy: ({ kind, year, statureCm, massKg }) => {
        if (kind === 'fail') return 'Use a booster with a back.'
        if (year === undefined) return 'Read the year on the approval label, or use a booster with a back.'
        const isMeasured = statureCm !== undefined && massKg !== undefined
        return `Measure stature and mass${isMeasured ? ' more closely' : ''}, or use a booster with a back.`
      },
    }),
  },
})
