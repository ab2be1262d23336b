import { stepText } from '../usual-step.ts'

export default stepText({
  title: 'Lower tethers',
  says: {
    crossed: () => 'Lead them crossed.',
    straight: () => 'Lead them straight.',
    'cross-where-curved': () => 'Cross them where the seat back is curved.',
    length: ({ lengthMm }: { lengthMm: number }) => `Each strap reaches ${lengthMm} mm.`,
    'clear-of-wiring': () => 'Clear of wiring. A reel that stops half-way goes back up and starts again.',
    tighten: () => 'Tighten in turn; wiggle the shell until they stop clicking.',
  },
})
