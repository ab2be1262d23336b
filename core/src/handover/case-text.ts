import { chosenIn, type Case } from '../casefile/index.ts'
import { fittedSubject } from '../match/index.ts'
import { recheckList } from '../procedure/index.ts'
import { modelName } from '../restraint/index.ts'
import { assess, VERDICT_TEXT } from '../verdict/index.ts'
import { vehicleName } from '../vehicle/index.ts'
import { settingsToRemember } from './remember.ts'
import type { AheadItem } from '../ahead/index.ts'
import * as msg from './messages.en.ts'

/** As many bytes of UTF-8 as a phone still reads from a printed code without trouble: our own figure. */
export const CASE_TEXT_BYTES = 950

const CAUTION_SHORT = msg.aWorkingAidManualHandbook

/** Bytes in UTF-8, without an encoder: core has no platform. */
export const utf8Length = (text: string): number =>
  [...text].reduce((sum, ch) => {
    const code = ch.codePointAt(0) ?? 0
    return sum + (code < 0x80 ? 1 : code < 0x800 ? 2 : code < 0x10000 ? 3 : 4)
  }, 0)

/**
 * A fitting in plain words that need no program and no server: what it is, how
 * it is set, what to look at before a ride, what is due. It travels on phones
 * and paper, so it names nobody. What does not fit is left out from the end.
 */
export function caseText(c: Case, ahead: readonly AheadItem[]): string {
  const { model, unit, mode, position } = chosenIn(c)
  const subject = fittedSubject(c)
  const asks = subject ? recheckList(subject).map((i) => i.ask) : []
  const head = [
    msg.childRestraintJudgedFor(c.handover ? msg.handedOver : msg.notSigned, c.today, VERDICT_TEXT[assess(c).verdict]),
    [c.vehicle && vehicleName(c.vehicle), c.vehicle?.plate, position?.label].filter(Boolean).join(', '),
    [model && modelName(model), mode?.label, unit && `unit ${unit.serial}`].filter(Boolean).join(', '),
    '',
    ...settingsToRemember(c).map((r) => `${r.name}: ${r.value}`),
  ]
  const tail = ['', CAUTION_SHORT]
  const optional = [
    ...(asks.length > 0 ? ['', msg.beforeARide] : []),
    ...asks.map((a) => `- ${a}`),
    ...(ahead.length > 0 ? ['', msg.due] : []),
    ...ahead.map((i) => `- ${i.isFixed ? i.likely : `about ${i.likely.slice(0, 7)}`}: ${i.title}`),
  ]
  const size = (lines: readonly string[]): number => utf8Length(lines.join('\n'))
  while (optional.length > 0 && size([...head, ...optional, ...tail]) > CASE_TEXT_BYTES) optional.pop()
  // A title that lost all its lines goes too.
  while (optional.at(-1)?.endsWith(':') || optional.at(-1) === '') optional.pop()
  return [...head, ...optional, ...tail].join('\n')
}
