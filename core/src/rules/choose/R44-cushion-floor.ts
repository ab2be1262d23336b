import { compare, every, formatInterval } from '../../quantities/index.ts'
import { LINT_LIMITS } from '../../restraint/index.ts'
import { defineRule, rangeBounds, type ModeSubject } from '../rule.ts'

const { cushionFromCm, cushionFromKg, cushionSinceYear } = LINT_LIMITS

const yearOf = ({ mode }: ModeSubject): number | undefined =>
  mode.approval.regulation === 'R44' ? mode.approval.approvedYear : undefined

export default defineRule({
  id: 'R44-cushion-floor',
  title: 'Cushion approved since 2017: from 125 cm and 22 kg',
  scope: 'mode',
  stage: 'choose',
  severity: 'stop',
  source: 'regulation',
  standsOn:
    'UN R44: a cushion approved in 2017 or later only from 125 cm and 22 kg, both; 125.0 cm and 22.0 kg themselves may. An older approval keeps its own range.',
  limits: {
    'stature, from': { value: cushionFromCm, unit: 'cm' },
    'mass, from': { value: cushionFromKg, unit: 'kg' },
    'approved, from': { value: cushionSinceYear, unit: 'year' },
  },
  applies: ({ mode }) => mode.approval.regulation === 'R44' && mode.shape === 'booster-cushion',
  bounds: (s) => {
    const year = yearOf(s)
    return year !== undefined && year < cushionSinceYear
      ? []
      : [...rangeBounds('statureCm', cushionFromCm), ...rangeBounds('massKg', cushionFromKg)]
  },
  evaluate: (s) => {
    const { statureCm, massKg } = s
    const year = yearOf(s)
    if (year !== undefined && year < cushionSinceYear)
      return { kind: 'pass', reason: () => `Approved in ${year}, before the floor of ${cushionSinceYear}.` }
    const tall = compare(statureCm, 'at-least', cushionFromCm)
    const heavy = compare(massKg, 'at-least', cushionFromKg)
    const said = every([tall, heavy])
    // With the year unknown an older approval may still allow it.
    const kind = said === 'fail' && year === undefined ? 'undecided' : said
    const size = () =>
      [statureCm && formatInterval(statureCm, 'cm'), massKg && formatInterval(massKg, 'kg')]
        .filter(Boolean)
        .join(', ') || 'neither stature nor mass is known'
    const floor = `from ${cushionFromCm} cm and ${cushionFromKg} kg`
    return {
      kind,
      missing:
        kind !== 'undecided'
          ? undefined
          : [
              ...(year === undefined ? (['unit.approvalYear'] as const) : []),
              ...(tall === 'undecided' ? (['child.statureCm'] as const) : []),
              ...(heavy === 'undecided' ? (['child.massKg'] as const) : []),
            ],
      reason: () =>
        kind === 'pass'
          ? `${size()}; a cushion ${floor}.`
          : year === undefined
            ? `${size()}; when this cushion was approved is not known, and since ${cushionSinceYear} only ${floor}.`
            : `${size()}; a cushion approved in ${year} only ${floor}.`,
      remedy: () =>
        kind === 'fail'
          ? 'Use a booster with a back.'
          : 'Read the year on the approval label, or use a booster with a back.',
    }
  },
})
