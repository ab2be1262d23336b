import { airbagAsked } from '../airbag.ts'
import { defineRule, type Need, outcomeOf } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './place-airbag-forward.en.ts'

const say = sayer<typeof en>()

export default defineRule({
  id: 'place-airbag-forward',
  scope: 'place',
  stage: 'place',
  severity: 'stop',
  source: 'vehicle',
  applies: ({ mode, position }) => mode.direction === 'forward' && position.row === 1,
  evaluate: (s) => {
    const { frontAirbag, handbook } = s.position
    if (frontAirbag === 'none') return { kind: 'pass', says: say('pass') }
    const asked = airbagAsked(s)
    const missing: readonly Need[] = [
      ...(frontAirbag === undefined ? (['position.frontAirbag'] as const) : []),
      ...(handbook?.forwardAirbag === undefined || asked === 'contradicted' ? (['position.handbook'] as const) : []),
      ...(s.route.frontAirbag === undefined || asked === 'contradicted' ? (['route.frontAirbag'] as const) : []),
    ]
    if (missing.length > 0) {
      return {
        kind: 'undecided',
        missing,
        says: say('unknown', { asked, forwardAirbag: handbook?.forwardAirbag, frontAirbag: s.route.frontAirbag }),
      }
    }
    const cannot = asked === 'off' && frontAirbag === 'cannot-be-switched-off'
    const isDoubtful = asked === 'off' && frontAirbag === 'automatic' && handbook?.automaticCutOffCounts !== true
    return outcomeOf(
      cannot ? 'fail' : isDoubtful ? (handbook?.automaticCutOffCounts === false ? 'fail' : 'undecided') : 'pass',
      ['position.handbook'],
      { says: say('judged', { cannot, isDoubtful, asked }) },
    )
  },
})
