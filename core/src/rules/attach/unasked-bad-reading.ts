import { checkOf, optionOf, type CheckId } from '../../readings/index.ts'
import { compare, toInterval } from '../../quantities/index.ts'
import { defineRule, type FittedSubject } from '../rule.ts'

/** Whether a reading is bad in itself, whatever mode and route ask. */
function isBad({ look }: FittedSubject, id: CheckId): boolean {
  const check = checkOf(id)
  const { reading } = look(id)
  if (check.kind === 'number') {
    const value = toInterval(reading?.number)
    const { below, above } = check.neverGood ?? {}
    return (
      value !== undefined &&
      ((below !== undefined && compare(value, 'at-least', below) === 'fail') ||
        (above !== undefined && compare(value, 'at-most', above) === 'fail'))
    )
  }
  const option = reading?.option === undefined ? undefined : optionOf(id, reading.option)
  return option !== undefined && (option.means === 'fail' || option.isBadAlone === true)
}

/** Readings that still hold, are bad, and that no rule asks for in this fitting. */
const found = (s: FittedSubject): readonly CheckId[] => {
  const asked = s.asked?.()
  return asked === undefined ? [] : s.noted.filter((id) => !asked.has(id) && isBad(s, id))
}

export default defineRule({
  id: 'unasked-bad-reading',
  title: 'A bad reading that nothing asked for',
  scope: 'fitted',
  stage: 'attach',
  severity: 'fix',
  source: 'practice',
  standsOn:
    'What somebody found bad counts, also where neither mode nor route asks for it: it is put right, or looked at again.',
  applies: (s) => found(s).length > 0,
  evaluate: (s) => {
    const ids = found(s)
    const words = (id: CheckId): string => {
      const { reading } = s.look(id)
      const option = reading?.option === undefined ? undefined : optionOf(id, reading.option)
      const check = checkOf(id)
      return `${check.label.toLowerCase()}: ${option?.label ?? `${reading?.number?.value ?? reading?.number?.from} ${check.kind === 'number' ? check.unit : ''}`}`
    }
    const first = ids[0] as CheckId
    return {
      kind: 'fail',
      reason: () => `Noted, and bad: ${ids.map(words).join('; ')}.`,
      remedy: () => {
        const check = checkOf(first)
        return `Put it right and look again, or take the note away if it belongs to nothing here. ${check.how}`
      },
    }
  },
})
