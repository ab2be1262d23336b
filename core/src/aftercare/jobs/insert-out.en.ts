import { jobText } from '../job-text.ts'

export default jobText({
  steps: {
    which: ({ names }: { names: readonly string[] }) =>
      `Look up in the manual which piece is due, and its order${names.length === 0 ? '' : ` (${names.join(', ')})`}.`,
    loosen: () => 'Let the harness out and unbuckle it.',
    take: () => 'Take the piece out from under the straps; nothing else comes out with it.',
    store: () => 'Put it in its bag: the next newborn needs it.',
    straps: () => 'Set the strap height again: the child sits lower now.',
  },
})
