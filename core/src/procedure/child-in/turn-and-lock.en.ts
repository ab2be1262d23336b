import { stepText } from '../usual-step.ts'

export default stepText({
  title: 'Turn and lock',
  says: {
    'side-pod': () => 'Side pod',
    'pods-in-the-middle': () => 'In the middle no door is nearer: the pods stay as the manual says.',
    'pod-out': ({ side }: { side: string }) => `Fold out the pod on the ${side}, the door side.`,
    turn: ({ direction }: { direction: string }) => `Turn it ${direction} and let it lock.`,
  },
})
