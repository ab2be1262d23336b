import { compare, exactly, formatInterval, formatNumber, marginWithin, plus } from '../../quantities/index.ts'
import { isIntegral, isIsofixHeld } from '../../restraint/index.ts'
import { defineRule, rangeBounds } from '../rule.ts'

/** What the anchorages carry, child and restraint together, unless the handbook says otherwise. */
export const ISOFIX_SUM_KG = 33

export default defineRule({
  id: 'isofix-mass-sum',
  title: 'Child and restraint on the ISOFIX anchorages',
  scope: 'route',
  stage: 'choose',
  severity: 'stop',
  source: 'regulation',
  standsOn:
    'Child and restraint together at most 33 kg on ISOFIX, for every integral mode held by it, under UN R129 and UN R44; a handbook’s own figure stands instead.',
  limits: { 'sum, to': { value: ISOFIX_SUM_KG, unit: 'kg' } },
  applies: ({ mode, route }) => isIntegral(mode) && isIsofixHeld(route),
  bounds: ({ model, position }) =>
    rangeBounds('massKg', undefined, (position?.isofix?.maxTotalMassKg ?? ISOFIX_SUM_KG) - model.massKg),
  evaluate: ({ model, massKg, position }) => {
    const own = position?.isofix?.maxTotalMassKg
    const limit = own ?? ISOFIX_SUM_KG
    const source = own === undefined ? 'regulation' : 'vehicle'
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
