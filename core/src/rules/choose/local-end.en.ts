import { formatAge, formatInterval, type Decision, type Interval } from '../../quantities/index.ts'
import { unreachable } from '../../ground/index.ts'
import { sentence, ruleText } from '../say.ts'

/** What the local rule goes by, as far as it is known. */
interface Size {
  readonly statureCm: Interval | undefined
  readonly massKg: Interval | undefined
  readonly age: Interval | undefined
}
function sizeText({ statureCm, massKg, age }: Size): string {
  const known = [
    ...(statureCm === undefined ? [] : [formatInterval(statureCm, 'cm')]),
    ...(massKg === undefined ? [] : [formatInterval(massKg, 'kg')]),
    ...(age === undefined ? [] : [formatAge(age.lo)]),
  ]
  return known.join(', ') || 'nothing has been measured'
}

export default ruleText({
  title: 'Local rule still asks for a restraint',
  standsOn:
    'Local law says until when a child must use a restraint: a stature, an age or a mass, whichever is reached first. Confirm the rule with your authority.',
  says: {
    judged: sentence<{ kind: Decision; name: string } & Size>({
      reason: ({ kind, name, ...size }) => {
        switch (kind) {
          case 'pass':
            return `The local rule “${name}” still asks for a restraint: ${sizeText(size)}.`
          case 'fail':
            return `The local rule “${name}” no longer asks for a restraint: ${sizeText(size)}.`
          case 'undecided':
            return `Undecided whether the local rule “${name}” still asks for a restraint: ${sizeText(size)}.`
          default:
            return unreachable(kind)
        }
      },
      remedy: ({ kind }) =>
        kind === 'fail'
          ? 'A restraint may still be used while it fits. Before giving it up, check that the car’s belt alone lies over the shoulder and low on the hips.'
          : 'Until it is known, use a restraint.',
    }),
  },
})
