import { FAULT_TEXT, UNKNOWN_TEXT } from '../unit-state.en.ts'
import type { UnitFault, UnitUnknown } from '../unit-state.ts'
import { sentence, ruleText } from '../say.ts'

export default ruleText({
  title: 'Sound, complete, history known',
  standsOn: 'Retire a restraint after a crash, on recall, when parts are missing or its history is unknown.',
  says: {
    state: sentence<{
      serial: string | undefined
      faults: readonly UnitFault[]
      unknown: readonly UnitUnknown[]
    }>({
      reason: ({ serial, faults, unknown }) =>
        faults.length > 0
          ? `Unit ${serial} ${faults.map((f) => FAULT_TEXT[f]).join(' and ')}.`
          : serial === undefined
            ? 'No unit has been chosen, so its state and history are not known.'
            : unknown.length > 0
              ? `Not recorded for unit ${serial}: ${unknown.map((u) => UNKNOWN_TEXT[u]).join(', ')}.`
              : `Unit ${serial}: no crash, no recall, complete, history known.`,
      remedy: ({ faults }) =>
        faults.length > 0 ? 'Take it out of use; choose another unit.' : 'Inspect the unit and record its state.',
    }),
  },
})
