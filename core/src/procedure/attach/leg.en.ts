import { stepText } from '../usual-step.ts'

export default stepText({
  title: 'Leg to the floor',
  says: {
    'floor-box': () => 'Open the floor box: filled or propped, as the handbook says.',
    lower: ({ notch, of }: { notch: number | undefined; of: number | undefined }) =>
      notch === undefined
        ? 'Lower the leg to the floor; its notch is not set yet.'
        : `Leg to notch ${notch} of ${of}, its foot flat on the floor.`,
    'pack-nothing': () => 'Pack nothing under the foot.',
  },
})
