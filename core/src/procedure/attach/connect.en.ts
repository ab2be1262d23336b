import { stepText } from '../usual-step.ts'

type Easier = 'left' | 'right' | undefined
/** The harder side first: once one holds, the other has less room to be found in. */
const inTurn = (easier: Easier): string =>
  easier === undefined
    ? 'each connector'
    : `the ${easier === 'left' ? 'right' : 'left'} connector first, the harder side, then the ${easier},`

export default stepText({
  title: 'Latch both connectors',
  says: {
    recessed: () => 'The bars are recessed: feel for them, use guides.',
    'push-on': ({ easier }: { easier: Easier }) => `Push ${inTurn(easier)} on until it clicks.`,
    'hook-on': ({ easier }: { easier: Easier }) =>
      `Hook ${inTurn(easier)} on until it clicks, then pull each strap tight.`,
    'note-before': () => 'Note what each indicator shows before you push.',
  },
})
