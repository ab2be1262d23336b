import { checkOf, optionOf, type CheckId } from '../../checks/index.ts'
import { compare, toInterval } from '../../quantities/index.ts'
import { defineRule, type FittedSubject } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './unasked-bad-reading.en.ts'

const say = sayer<typeof en>()

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
  scope: 'fitted',
  stage: 'attach',
  severity: 'fix',
  source: 'practice',
  applies: (s) => found(s).length > 0,
  evaluate: (s) => {
    const noted = found(s).map((check) => ({ check, reading: s.look(check).reading }))
    return { kind: 'fail', check: noted[0]?.check, says: say('noted-bad', { noted }) }
  },
})
