import { stepText } from '../usual-step.ts'

export default stepText({
  title: 'Hips right back',
  says: {
    'insert-out': ({ name }: { name: string }) => `${name} out first: it is past its limit.`,
    loosen: () => 'Loosen at the adjuster and pull the straps, not the pads; park the tongues at the sides.',
    in: () => 'Feet first and swivel in, not on the buckle. Hips right back, then shoulders.',
    'lies-flat': () => 'Hips flat first; the rest lies flat.',
    hips: () => 'Hips first, then shoulders.',
    'coat-off': () => 'Coat off before the straps go on.',
  },
})
