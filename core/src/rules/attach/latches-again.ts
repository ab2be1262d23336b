import { lookOutcome } from '../looks.ts'
import { defineRule, type FittedSubject } from '../rule.ts'
import { sayer } from '../say.ts'
import { isTetherUsed } from '../tethers.ts'
import type en from './latches-again.en.ts'

const say = sayer<typeof en>()

/** What is noted of leg and tether once they are set: a look at the latches belongs after the last of it. */
const SETTING = ['leg-contact', 'leg-indicator', 'tether-point', 'tether-flat', 'tether-indicator-mm'] as const

/** A leg or tether noted after the look; a slip of the finger put right is no work done. */
const setSince = ({ look }: FittedSubject, lookedAt: number) =>
  SETTING.find((id) => {
    const { reading } = look(id)
    return reading !== undefined && reading.slip === undefined && reading.at > lookedAt
  })

export default defineRule({
  id: 'latches-again',
  scope: 'fitted',
  stage: 'attach',
  severity: 'fix',
  source: 'practice',
  checks: ['latches-again'],
  applies: (s) => s.route.isofix !== undefined && (s.route.leg !== undefined || isTetherUsed(s)),
  evaluate: (s) => {
    const outcome = lookOutcome(s, 'latches-again')
    const { reading } = s.look('latches-again')
    if (outcome.kind !== 'pass' || reading === undefined) return outcome
    const since = setSince(s, reading.at)
    return since === undefined
      ? outcome
      : {
          kind: 'undecided',
          check: 'latches-again',
          missing: ['check.latches-again'],
          says: say('set-since', { check: since }),
        }
  },
})
