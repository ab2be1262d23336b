import { checkOf, type CheckId, optionLabel, checkLabel, checkHow } from '../../checks/index.ts'
import { type Reading } from '../../readings/index.ts'
import { ruleText, sentence } from '../say.ts'

interface Noted {
  readonly check: CheckId
  readonly reading: Reading | undefined
}
function words({ check: id, reading }: Noted): string {
  const check = checkOf(id)
  const option = reading?.option === undefined ? undefined : optionLabel(id, reading.option)
  const number = `${reading?.number?.value ?? reading?.number?.from} ${check.kind === 'number' ? check.unit : ''}`
  return `${checkLabel(id).toLowerCase()}: ${option ?? number}`
}

export default ruleText({
  title: 'A bad reading that nothing asked for',
  standsOn:
    'What somebody found bad counts, also where neither mode nor route asks for it: it is put right, or looked at again.',
  says: {
    'noted-bad': sentence<{ noted: readonly Noted[] }>({
      reason: ({ noted }) => `Noted, and bad: ${noted.map(words).join('; ')}.`,
      remedy: ({ noted: [first] }) =>
        `Put it right and look again, or take the note away if it belongs to nothing here.${first ? ` ${checkHow(first.check)}` : ''}`,
    }),
  },
})
