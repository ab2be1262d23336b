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
  title: 'A bad finding nobody asked for',
  standsOn: 'A bad finding counts even where neither mode nor route asks for the check: correct it, or check again.',
  says: {
    'noted-bad': sentence<{ noted: readonly Noted[] }>({
      reason: ({ noted }) => `Recorded as bad: ${noted.map(words).join('; ')}.`,
      remedy: ({ noted: [first] }) =>
        `Correct it and check again, or remove the reading if it does not belong here.${first ? ` ${checkHow(first.check)}` : ''}`,
    }),
  },
})
