import { stepText } from '../usual-step.ts'

export default stepText({
  title: 'Hips right back',
  says: {
    'insert-out': ({ name }: { name: string }) => `${name} out first: it is past its limit.`,
    hips: () => 'Hips first, then shoulders.',
    'coat-off': () => 'Coat off before the straps go on.',
  },
})
