import { Button } from './Button.tsx'
import { ProgressBar } from './ProgressBar.tsx'
import * as msg from './messages.en.ts'

interface Props {
  /** What is being done, as a sentence. */
  readonly what: string
  /** Share done, 0 to 1. */
  readonly share: number
  readonly onStop?: (() => void) | undefined
}

/** How far a long piece of work is, and a way out of it. The space is the same from the first moment to the last. */
export function WorkProgress({ what, share, onStop }: Props) {
  return (
    <div className="mt-3 flex min-h-11 flex-wrap items-center gap-x-3 gap-y-1">
      <p role="status">{what}</p>
      <ProgressBar label={what} share={share} />
      <span aria-hidden="true" className="w-12 text-right tabular-nums">
        {Math.round(share * 100)} %
      </span>
      {onStop && (
        <Button look="quiet" onClick={onStop}>
          {msg.stop}
        </Button>
      )}
    </div>
  )
}
