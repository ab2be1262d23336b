import type { RecheckView } from '@nimble-anchor/core/formats'
import * as msg from './messages.en.ts'

/** What a carer's second look came to, in words. */
export const RECHECK_WORD = { pass: msg.allAsHandedOver, fail: msg.somethingWasNotRight, undecided: msg.notAllCouldBeTold } as const // prettier-ignore

/** "Not so: the leg stands flat on the bare floor": what the carer said no to. */
export function notSo({ items, answers }: RecheckView): string {
  const no = items.filter((i) => answers[i.id] === 'no').map((i) => i.ask)
  return no.length === 0 ? '' : msg.notSo(no.join('; '))
}
