import { lifeEnd, isBaseUnit } from '../../restraint/index.ts'
import { defineRule, type Outcome, type RouteSubject, outcomeOf } from '../rule.ts'
import { sayer } from '../say.ts'
import { unitState } from '../unit-state.ts'
import type en from './unit-parts.en.ts'
import type { BaseFault, BaseUnknown } from './unit-parts.en.ts'

const say = sayer<typeof en>()

/** The base's own state: what is asked of the shell is asked of it too. */
function judgeBase({ baseUnit, model, today }: RouteSubject): Outcome {
  if (baseUnit === undefined) {
    return {
      kind: 'undecided',
      missing: ['unit.base'],
      says: say('no-base-named'),
    }
  }
  const end = lifeEnd({ unit: baseUnit, model })
  const state = unitState(baseUnit)
  const isPast = end !== undefined && end < today
  const faults: readonly BaseFault[] = [
    ...(isBaseUnit(model, baseUnit) ? [] : (['no-base'] as const)),
    ...state.faults,
    ...(baseUnit.awaitsCheck === undefined ? [] : (['awaits-check'] as const)),
    ...(isPast ? (['past-life'] as const) : []),
  ]
  const unknown: readonly BaseUnknown[] = [...(end === undefined ? (['life'] as const) : []), ...state.unknown]
  const kind = faults.length > 0 ? 'fail' : unknown.length > 0 ? 'undecided' : 'pass'
  return outcomeOf(kind, ['unit.base'], { says: say('state', { serial: baseUnit.serial, faults, unknown, end }) })
}

export default defineRule({
  id: 'unit-parts',
  scope: 'route',
  stage: 'choose',
  severity: 'stop',
  source: 'maker',
  applies: ({ model, unit, baseUnit }) =>
    baseUnit !== undefined || (unit?.partId !== undefined && (model.parts?.length ?? 0) > 0),
  evaluate: (s) => {
    if (isBaseUnit(s.model, s.unit)) {
      return {
        kind: 'fail',
        says: say('base-alone', { serial: s.unit?.serial }),
      }
    }
    // A shell that is belted in by itself needs none; one whose route leaves it open is asked with the route.
    if (s.route.usesBase === false && s.baseUnit === undefined) {
      return { kind: 'pass', says: say('without-base') }
    }
    return judgeBase(s)
  },
})
