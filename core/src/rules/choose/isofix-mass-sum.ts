import { compare, exactly, formatInterval, formatNumber, marginWithin, plus } from '../../quantities/index.ts'
import { isIntegral, isIsofixHeld } from '../../restraint/index.ts'
import { defineRule, rangeBounds, type RouteSubject } from '../rule.ts'

/** What the anchorages carry, child and restraint together; a handbook may ask for less, never lift it. */
export const ISOFIX_SUM_KG = 33

const sumLimitKg = (position: RouteSubject['position']): number =>
  Math.min(position?.isofix?.maxTotalMassKg ?? ISOFIX_SUM_KG, ISOFIX_SUM_KG)

export default defineRule({
  id: 'isofix-mass-sum',
  title: 'Child and restraint on the ISOFIX anchorages',
  scope: 'route',
  stage: 'choose',
  severity: 'stop',
  source: 'regulation',
  standsOn:
    'Child and restraint together at most 33 kg on ISOFIX, for every integral mode held by it, under UN R129 and UN R44; where a handbook states a figure of its own, the lower of the two holds.',
  limits: { 'sum, to': { value: ISOFIX_SUM_KG, unit: 'kg' } },
  applies: ({ mode, route }) => isIntegral(mode) && isIsofixHeld(route),
  bounds: ({ model, position }) => rangeBounds('massKg', undefined, sumLimitKg(position) - model.massKg),
  evaluate: ({ model, massKg, position }) => {
    const limit = sumLimitKg(position)
    const source = limit < ISOFIX_SUM_KG ? 'vehicle' : 'regulation'
    if (massKg === undefined) {
      return {
        kind: 'undecided',
        source,
        limit: limit - model.massKg,
        unit: 'kg',
        missing: ['child.massKg'],
        reason: () =>
          `Mass is not known; on ISOFIX this ${formatNumber(model.massKg)} kg restraint takes at most ${formatNumber(limit - model.massKg)} kg of child.`,
        remedy: () => 'Measure the mass.',
      }
    }
    const sum = plus(massKg, exactly(model.massKg))
    const kind = compare(sum, 'at-most', limit)
    const text = () =>
      `${formatNumber(model.massKg)} kg restraint + ${formatInterval(massKg, 'kg')} child is ${formatInterval(sum, 'kg')}`
    return {
      kind,
      source,
      measured: sum,
      limit,
      unit: 'kg',
      margin: marginWithin(sum, undefined, limit),
      missing: kind === 'undecided' ? ['child.massKg'] : undefined,
      reason: () =>
        kind === 'fail'
          ? `Needs ${formatNumber(sum.lo - limit, 2)} kg less: ${text()}; ISOFIX takes ${formatNumber(limit)} kg.`
          : kind === 'undecided'
            ? `${text()}: too close to the ${formatNumber(limit)} kg that ISOFIX takes to tell.`
            : `${text()}; ISOFIX takes ${formatNumber(limit)} kg.`,
      remedy: () =>
        kind === 'undecided' ? 'Measure the mass more closely.' : 'Use a belt route or a lighter restraint.',
    }
  },
})
