import type { SeatingPosition } from '../../vehicle/index.ts'
import { stepText } from '../usual-step.ts'

type Kind = NonNullable<SeatingPosition['lowerTetherPoints']>[number]['kind']
interface Points {
  readonly left: Kind
  readonly right: Kind
}
const POINT: Readonly<Record<Kind, string>> = {
  'fixed-runner': 'the fixed runner',
  'moving-frame': 'the frame that moves with the seat',
  ring: 'the ring',
  'seat-leg': 'the metal seat leg',
  'boxed-in': 'the boxed-in runner',
}

export default stepText({
  title: 'Lower tethers',
  says: {
    hook: ({ left, right }: Points) =>
      `Hook them: ${left === right ? `${POINT[left]} on either side` : `left ${POINT[left]}, right ${POINT[right]}`}; the bracket held ready where the strap comes round.`,
    crossed: () => 'Lead them crossed.',
    straight: () => 'Lead them straight.',
    'cross-where-curved': () => 'Cross them where the seat back is curved.',
    length: ({ lengthMm }: { lengthMm: number }) => `Each strap reaches ${lengthMm} mm.`,
    'clear-of-wiring': () => 'Clear of wiring. A reel that stops half-way goes back up and starts again.',
    tighten: () => 'Tighten in turn; wiggle the shell until they stop clicking.',
  },
})
