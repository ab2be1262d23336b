import { localEndBounds } from '../../law/index.ts'
import { compare, some } from '../../quantities/index.ts'
import { defineRule, outcomeOf } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './local-end.en.ts'

const say = sayer<typeof en>()

export default defineRule({
  id: 'local-end',
  scope: 'mode',
  stage: 'choose',
  severity: 'advise',
  source: 'regulation',
  applies: ({ localRule }) => localEndBounds(localRule).length > 0,
  evaluate: ({ localRule, statureCm, massKg, age }) => {
    const known = { statureCm, massKg, ageMonths: age }
    const past = some(localEndBounds(localRule).map((b) => compare(known[b.quantity], 'at-least', b.limit)))
    const kind = past === 'pass' ? 'fail' : past === 'fail' ? 'pass' : 'undecided'
    return outcomeOf(
      kind,
      localEndBounds(localRule)
        .filter((b) => compare(known[b.quantity], 'at-least', b.limit) === 'undecided')
        .map((b) => `child.${b.quantity}` as const),
      {
        says: say('judged', {
          kind,
          name: localRule.name,
          statureCm,
          massKg: localRule.untilMassKg === undefined ? undefined : massKg,
          age,
        }),
      },
    )
  },
})
