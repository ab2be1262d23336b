import { stepText } from '../usual-step.ts'

export default stepText({
  title: 'Latch both connectors',
  says: {
    recessed: () => 'The bars are recessed: feel for them, use guides.',
    'push-on': ({ easier }: { easier: 'left' | 'right' | undefined }) =>
      `Push ${easier === undefined ? 'each connector' : `the ${easier} connector first, then the ${easier === 'left' ? 'right' : 'left'}`} on until it clicks.`,
    'note-before': () => 'Note what each indicator showed before.',
  },
})
