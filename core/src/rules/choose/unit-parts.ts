import { lifeEnd, isBaseUnit } from '../../restraint/index.ts'
import { defineRule, type Outcome, type RouteSubject } from '../rule.ts'

/** The base's own state: what is asked of the shell is asked of it too. */
function judgeBase({ baseUnit, model, today }: RouteSubject): Outcome {
  if (baseUnit === undefined) {
    return {
      kind: 'undecided',
      missing: ['unit.base'],
      reason: () => 'The shell is a unit of its own, and which base it goes on is not named.',
      remedy: () => 'Name the base by its serial.',
    }
  }
  const end = lifeEnd({ unit: baseUnit, model })
  const faults = [
    !isBaseUnit(model, baseUnit) && 'is no base',
    baseUnit.wasInCrash === true && 'was in a crash',
    baseUnit.isRecalled === true && 'is recalled',
    baseUnit.isComplete === false && 'has parts missing',
    baseUnit.isHistoryKnown === false && 'has an unknown history',
    baseUnit.awaitsCheck !== undefined && 'was taken apart and waits for its checks',
    end !== undefined && end < today && `is past its life, which ended on ${end}`,
  ].filter((x) => x !== false)
  const open = [
    end === undefined && 'when its life ends',
    baseUnit.wasInCrash === undefined && 'whether it was in a crash',
    baseUnit.isRecalled === undefined && 'whether it is recalled',
    baseUnit.isComplete === undefined && 'whether it is complete',
    baseUnit.isHistoryKnown === undefined && 'where it has been',
  ].filter((x) => x !== false)
  const kind = faults.length > 0 ? 'fail' : open.length > 0 ? 'undecided' : 'pass'
  return {
    kind,
    missing: kind === 'undecided' ? ['unit.base'] : undefined,
    reason: () =>
      faults.length > 0
        ? `Base ${baseUnit.serial} ${faults.join(' and ')}.`
        : open.length > 0
          ? `Not recorded for base ${baseUnit.serial}: ${open.join(', ')}.`
          : `On base ${baseUnit.serial}: within its life, no crash, no recall, complete, history known.`,
    remedy: () => (faults.length > 0 ? 'Choose another base.' : 'Inspect the base and record its state.'),
  }
}

export default defineRule({
  id: 'unit-parts',
  title: 'Shell and base, each fit for use',
  scope: 'route',
  stage: 'choose',
  severity: 'stop',
  source: 'maker',
  standsOn: 'A carrier and its base are two units: both are in their life, sound and whole; a base alone is nothing.',
  applies: ({ model, unit, baseUnit }) =>
    baseUnit !== undefined || (unit?.partId !== undefined && (model.parts?.length ?? 0) > 0),
  evaluate: (s) => {
    if (isBaseUnit(s.model, s.unit)) {
      return {
        kind: 'fail',
        reason: () => `Unit ${s.unit?.serial} is a base: alone it carries nobody.`,
        remedy: () => 'Choose the shell, and name this as its base.',
      }
    }
    // A shell that is belted in by itself needs none; one whose route leaves it open is asked with the route.
    if (s.route.usesBase === false && s.baseUnit === undefined) {
      return { kind: 'pass', reason: () => 'The shell goes in without its base by this route.' }
    }
    return judgeBase(s)
  },
})
