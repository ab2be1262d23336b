import { dayInSentence } from '../../quantities/index.ts'
import { sentence, ruleText } from '../say.ts'

const days = (from?: string, until?: string): string =>
  [
    ...(from === undefined ? [] : [`from ${dayInSentence(from)}`]),
    ...(until === undefined ? [] : [`until ${dayInSentence(until)}`]),
  ].join(' ')

export default ruleText({
  title: 'The unit belongs to this variant',
  standsOn:
    'Models change with the date of manufacture, and their limits with them: a unit made outside a variant’s dates follows another manual.',
  says: {
    'unknown-made-on': sentence<{
      label: string
      madeFrom: string | undefined
      madeUntil: string | undefined
      serial: string | undefined
    }>({
      reason: ({ label, madeFrom, madeUntil, serial }) =>
        `Variant “${label}” was made ${days(madeFrom, madeUntil)}; when unit ${serial} was made is not known.`,
      remedy: () => 'Read the date on the shell and enter it with the unit.',
    }),
    judged: sentence<{
      serial: string | undefined
      made: string
      label: string
      madeFrom: string | undefined
      madeUntil: string | undefined
    }>({
      reason: ({ serial, made, label, madeFrom, madeUntil }) =>
        `Unit ${serial} was made on ${dayInSentence(made)}; variant “${label}” was made ${days(madeFrom, madeUntil)}.`,
      remedy: () => 'Find the variant and the manual that this unit belongs to.',
    }),
  },
})
