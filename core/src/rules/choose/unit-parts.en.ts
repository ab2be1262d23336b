import { dayInSentence } from '../../quantities/index.ts'
import { ruleText, sentence } from '../say.ts'
import type { UnitFault, UnitUnknown } from '../unit-state.ts'
import { FAULT_TEXT, UNKNOWN_TEXT } from '../unit-state.en.ts'

export type BaseFault = UnitFault | 'no-base' | 'awaits-check' | 'past-life'
export type BaseUnknown = UnitUnknown | 'life'

/** Of a base, beside what is said of any unit. */
const BASE_FAULT_TEXT = {
  ...FAULT_TEXT,
  'no-base': 'is not a base',
  'awaits-check': 'was taken apart and waits for its checks',
  'past-life': 'is past its life',
} as const satisfies Record<BaseFault, string>
const BASE_UNKNOWN_TEXT = { ...UNKNOWN_TEXT, life: 'when its life ends' } as const satisfies Record<BaseUnknown, string>

export default ruleText({
  title: 'Shell and base, each fit for use',
  standsOn:
    'A carrier and its base are two units: both within their life, sound and complete; a base alone carries nobody.',
  says: {
    'no-base-named': sentence({
      reason: () => 'The shell is a unit of its own, and its base has not been chosen.',
      remedy: () => 'Choose the base by its serial.',
    }),
    state: sentence<{
      serial: string
      faults: readonly BaseFault[]
      unknown: readonly BaseUnknown[]
      end: string | undefined
    }>({
      reason: ({ serial, faults, unknown, end }) => {
        if (faults.length > 0) {
          const said = faults.map((f) =>
            f === 'past-life'
              ? `${BASE_FAULT_TEXT[f]}, which ended on ${end && dayInSentence(end)}`
              : BASE_FAULT_TEXT[f],
          )
          return `Base ${serial} ${said.join(' and ')}.`
        }
        return unknown.length > 0
          ? `Not recorded for base ${serial}: ${unknown.map((u) => BASE_UNKNOWN_TEXT[u]).join(', ')}.`
          : `On base ${serial}: within its life, no crash, no recall, complete, history known.`
      },
      remedy: ({ faults }) => (faults.length > 0 ? 'Choose another base.' : 'Inspect the base and record its state.'),
    }),
    'base-alone': sentence<{ serial: string | undefined }>({
      reason: ({ serial }) => `Unit ${serial} is a base: alone it carries nobody.`,
      remedy: () => 'Choose the shell, with this as its base.',
    }),
    'without-base': sentence({ reason: () => 'By this route the shell is used without its base.' }),
  },
})
