import { localEndBounds } from '../../practice/index.ts'
import { compare, formatAge, formatInterval, some } from '../../quantities/index.ts'
import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'local-end',
  title: 'Local rule still asks for a restraint',
  scope: 'mode',
  stage: 'choose',
  severity: 'advise',
  source: 'regulation',
  standsOn:
    'Until when a child must use a restraint is local law: a stature, an age or a mass, whichever comes first; reached is reached. Confirm the rule with your authority.',
  applies: ({ localRule }) => localEndBounds(localRule).length > 0,
  evaluate: ({ localRule, statureCm, massKg, age }) => {
    const known = { statureCm, massKg, ageMonths: age }
    const past = some(localEndBounds(localRule).map((b) => compare(known[b.quantity], 'at-least', b.limit)))
    const kind = past === 'pass' ? 'fail' : past === 'fail' ? 'pass' : 'undecided'
    const size = () =>
      [
        statureCm && formatInterval(statureCm, 'cm'),
        massKg && localRule.untilMassKg !== undefined && formatInterval(massKg, 'kg'),
        age && formatAge(age.lo),
      ]
        .filter(Boolean)
        .join(', ') || 'nothing is measured'
    return {
      kind,
      missing:
        kind === 'undecided'
          ? localEndBounds(localRule)
              .filter((b) => compare(known[b.quantity], 'at-least', b.limit) === 'undecided')
              .map((b) => `child.${b.quantity}` as const)
          : undefined,
      reason: () =>
        kind === 'pass'
          ? `The local rule “${localRule.name}” still asks for a restraint: ${size()}.`
          : kind === 'fail'
            ? `The local rule “${localRule.name}” no longer asks for a restraint: ${size()}.`
            : `Whether the local rule “${localRule.name}” still asks for a restraint is open: ${size()}.`,
      remedy: () =>
        kind === 'fail'
          ? 'A restraint may still be used while it fits. Before it is given up, see that the car’s belt alone lies over the shoulder and low on the hips.'
          : 'Until it is known, a restraint is used.',
    }
  },
})
