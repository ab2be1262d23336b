import { dayInSentence } from '../../quantities/index.ts'
import { jobText } from '../job-text.ts'

export default jobText({
  steps: {
    shake: () => 'Shake out crumbs; wipe shell and straps with plain water.',
    count: ({ parts }: { parts: readonly string[] }) =>
      `Count the parts: ${parts.join(', ').replace(/, ([^,]*)$/, ' and $1')}.`,
    loosen: () => 'Let the harness out and lay it in the seat, ready for the next child.',
    due: ({ end }: { end: string | undefined }) =>
      end === undefined
        ? 'Read on the label when it was made, and write it in the catalogue.'
        : `Its life ends on ${dayInSentence(end)}: is that still ahead?`,
    shelf: () => 'Put it back in its place on the shelf.',
  },
})
