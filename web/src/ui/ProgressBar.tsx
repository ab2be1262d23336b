import { Progress } from 'radix-ui'

interface Props {
  readonly label: string
  /** Share done, 0 to 1. */
  readonly share: number
  readonly className?: string
}

export function ProgressBar({ label, share, className = 'h-3 min-w-32 flex-1' }: Props) {
  const percent = Math.round(share * 100)
  return (
    <Progress.Root
      value={percent}
      aria-label={label}
      className={`overflow-hidden rounded-[2px] border border-line bg-sheet ${className}`}
    >
      <Progress.Indicator
        className="h-full bg-ink transition-[width] motion-reduce:transition-none"
        style={{ width: `${percent}%` }}
      />
    </Progress.Root>
  )
}
