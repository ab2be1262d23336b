import { stepText } from '../usual-step.ts'

export default stepText({
  title: 'Shell and handle',
  says: {
    'set-down': () => 'Set the shell on its base until it clicks.',
    handle: ({ position }: { position: string }) => `Handle to its travel position: ${position}.`,
  },
})
