import { unreachable } from '../../ground/index.ts'
import { isISizeAtISize } from '../listing.ts'
import { factOutcome } from '../facts.ts'
import { defineRule } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './place-leg-floor.en.ts'

const say = sayer<typeof en>()

export default defineRule({
  id: 'place-leg-floor',
  scope: 'place',
  stage: 'place',
  severity: 'stop',
  source: 'vehicle',
  applies: ({ route }) => route.leg !== undefined,
  evaluate: (s) => {
    const { position } = s
    const permitted = position.handbook?.table?.legPermitted
    if (permitted === false) {
      return {
        kind: 'fail',
        says: say('leg-forbidden'),
      }
    }
    // Every i-Size place bears a leg; the newer table says it in so many words.
    if (position.floor === undefined && (permitted === true || isISizeAtISize(s))) {
      return {
        kind: 'pass',
        says: say('leg-permitted', { permitted }),
      }
    }
    return factOutcome(position.floor?.kind, 'position.floor', (floor) => {
      switch (floor) {
        case 'solid':
          return { kind: 'pass', says: say('solid') }
        case 'box-allowed-when-propped':
          return {
            kind: 'pass',
            says: say('box-propped'),
          }
        case 'box-not-allowed':
          return { kind: 'fail', says: say('box') }
        case 'none':
          return { kind: 'fail', says: say('no-floor') }
        default:
          return unreachable(floor)
      }
    })
  },
})
