import { lookOutcome } from './looks.ts'
import type { FittedSubject, Outcome } from './rule.ts'
import type shared from './shared.en.ts'
import { sayer } from './say.ts'

const say = sayer<typeof shared>()

/** What the maker's own line, indicator or fixed base shows; `undefined` where the mode has none. */
export function angleProofSeen(s: FittedSubject): Outcome | undefined {
  const { angleProof } = s.mode
  if (angleProof === undefined) return undefined
  const said = lookOutcome(s, 'angle-proof')
  return {
    ...said,
    source: 'maker',
    says: say('angle-proof', { what: angleProof.what, said: said.says }),
  }
}
