import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'unit-sound',
  title: 'Sound, complete, history known',
  scope: 'mode',
  stage: 'choose',
  severity: 'stop',
  source: 'maker',
  standsOn: 'Retire a restraint after a crash, on recall, when parts are missing or its history is unknown.',
  applies: () => true,
  evaluate: ({ unit }) => {
    const faults = [
      unit?.wasInCrash === true && 'was in a crash',
      unit?.isRecalled === true && 'is recalled',
      unit?.isComplete === false && 'has parts missing',
      unit?.isHistoryKnown === false && 'has an unknown history',
    ].filter((x) => x !== false)
    const unknown = [
      unit?.wasInCrash === undefined && 'whether it was in a crash',
      unit?.isRecalled === undefined && 'whether it is recalled',
      unit?.isComplete === undefined && 'whether it is complete',
      unit?.isHistoryKnown === undefined && 'where it has been',
    ].filter((x) => x !== false)
    const kind = faults.length > 0 ? 'fail' : unknown.length > 0 ? 'undecided' : 'pass'
    return {
      kind,
      missing: kind === 'undecided' ? ['unit.history'] : undefined,
      reason: () =>
        faults.length > 0
          ? `Unit ${unit?.serial} ${faults.join(' and ')}.`
          : unit === undefined
            ? 'No unit is named, so its state and history are not known.'
            : unknown.length > 0
              ? `Not recorded for unit ${unit?.serial}: ${unknown.join(', ')}.`
              : `Unit ${unit.serial}: no crash, no recall, complete, history known.`,
      remedy: () =>
        faults.length > 0 ? 'Take it out of use; choose another unit.' : 'Inspect the unit and record its state.',
    }
  },
})
