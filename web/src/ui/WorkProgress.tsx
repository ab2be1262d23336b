import { Progress } from 'radix-ui'
import { Button } from './Button.tsx'

interface Props {
  /** What is being done, as a sentence. */
  readonly what: string
  /** Share done, 0 to 1. */
  readonly share: number
  readonly onStop?: (() => void) | undefined
}

/** How far a long piece of work is, and a way out of it. The space is the same from the first moment to the last. */
export function WorkProgress({ what, share, onStop }: Props) {
  const percent = Math.round(share * 100)
  return (
    <div className="mt-3 flex min-h-11 flex-wrap items-center gap-x-3 gap-y-1">
      <p role="status">{what}</p>
      <Progress.Root
        value={percent}
        aria-label={what}
        className="h-3 min-w-32 flex-1 overflow-hidden rounded-[2px] border border-line bg-sheet"
      >
        <Progress.Indicator
          className="h-full bg-ink transition-[width] motion-reduce:transition-none"
          style={{ width: `${percent}%` }}
        />
      </Progress.Root>
      <span aria-hidden="true" className="w-12 text-right tabular-nums">
        {percent} %
      </span>
      {onStop && (
        <Button look="quiet" onClick={onStop}>
          Stop
        </Button>
      )}
    </div>
  )
}
