import type { RecheckView } from '@nimble-anchor/core/formats'

/** What a carer's second look came to, in words. */
export const RECHECK_WORD = { pass: 'all as handed over', fail: 'something was not right', undecided: 'not all could be told' } as const // prettier-ignore

/** "Not so: the leg stands flat on the bare floor": what the carer said no to. */
export function notSo({ items, answers }: RecheckView): string {
  const no = items.filter((i) => answers[i.id] === 'no').map((i) => i.ask)
  return no.length === 0 ? '' : `Not so: ${no.join('; ')}`
}
