import { LAW } from '../../law/index.ts'
import { compare, every } from '../../quantities/index.ts'
import { defineRule, rangeBounds, type ModeSubject, outcomeOf } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './R44-cushion-floor.en.ts'

const say = sayer<typeof en>()

const { cushionFromCm, cushionFromKg, cushionSinceYear } = LAW

const yearOf = ({ mode }: ModeSubject): number | undefined =>
  mode.approval.regulation === 'R44' ? mode.approval.approvedYear : undefined

export default defineRule({
  id: 'R44-cushion-floor',
  scope: 'mode',
  stage: 'choose',
  severity: 'stop',
  source: 'regulation',
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
      return { kind: 'pass', says: say('older', { year, sinceYear: cushionSinceYear }) }
    const tall = compare(statureCm, 'at-least', cushionFromCm)
    const heavy = compare(massKg, 'at-least', cushionFromKg)
    const said = every([tall, heavy])
    // With the year unknown an older approval may still allow it.
    const kind = said === 'fail' && year === undefined ? 'undecided' : said
    const missing = [
      ...(year === undefined ? (['unit.approvalYear'] as const) : []),
      ...(tall === 'undecided' ? (['child.statureCm'] as const) : []),
      ...(heavy === 'undecided' ? (['child.massKg'] as const) : []),
    ]
    return outcomeOf(kind, missing, {
      says: say('judged', {
        kind,
        statureCm,
        massKg,
        year,
        fromCm: cushionFromCm,
        fromKg: cushionFromKg,
        sinceYear: cushionSinceYear,
      }),
    })
  },
})
