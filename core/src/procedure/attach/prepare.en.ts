import { stepText } from '../usual-step.ts'

export default stepText({
  title: 'Before it goes in',
  says: {
    'set-now': ({ text }: { text: string }) => `Set now, out of reach later: ${text}.`,
    'leg-on-mat': () => 'Leg unfolded; the mat may stay under it.',
    'leg-mat-fixed': () => 'Leg unfolded; the floor covering here does not come out.',
    'leg-mat-out': () => 'Leg unfolded; the mat out from under it.',
    'as-written': ({ text }: { text: string }) => text,
    books: () => 'Manual and handbook open at the right page.',
    'seat-forward': () => 'Seat in front forward for room; it goes back at the end.',
    'connectors-out': () => 'Connectors out.',
    'child-first': () => 'The child may already sit in it while it is attached, as the manual shows.',
  },
})
