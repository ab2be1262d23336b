import { formatInterval, formatNumber, formatRange, type Interval } from '@nimble-anchor/core'

interface Props {
  readonly label: string
  readonly unit: string
  /** Ends of the scale drawn. */
  readonly scale: readonly [number, number]
  readonly from?: number | undefined
  readonly to?: number | undefined
  readonly child: Interval | undefined
}

/** The mode's range as shallow water on a scale, with the child and its ± standing in it. */
export function RangeBar({ label, unit, scale: [min, max], from, to, child }: Props) {
  const at = (x: number): number => (Math.min(Math.max(x, min), max) - min) / (max - min)
  const low = at(from ?? min)
  const high = at(to ?? max)
  const text = [
    `${label} ${from === undefined ? 'up' : formatNumber(from)} to ${to === undefined ? 'no limit' : formatNumber(to)} ${unit}`,
    child ? `child ${formatInterval(child, unit)}` : 'child not measured',
  ].join('; ')
  return (
    <span className="grid grid-cols-[3.400rem_1fr_6.400rem] items-center gap-2 text-sm" role="img" aria-label={text}>
      <span className="text-ink-soft">{label}</span>
      <svg viewBox="0 0 200 16" preserveAspectRatio="none" className="h-4 w-full overflow-visible" aria-hidden="true">
        <rect x="0" y="7.500" width="200" height="1" fill="var(--line)" />
        <rect
          x={low * 200}
          y="3"
          width={Math.max((high - low) * 200, 2)}
          height="10"
          fill="var(--shoal-deep)"
          stroke="var(--ink)"
          strokeWidth="1"
          vectorEffect="non-scaling-stroke"
        />
        {child && (
          <>
            <rect
              x={at(child.lo) * 200}
              y="0"
              width={Math.max((at(child.hi) - at(child.lo)) * 200, 1.4)}
              height="16"
              fill="var(--ink)"
              opacity="0.300"
            />
            <rect x={at((child.lo + child.hi) / 2) * 200 - 0.9} y="-1" width="1.800" height="18" fill="var(--ink)" />
          </>
        )}
      </svg>
      <span className="whitespace-nowrap">
        {from === undefined && to === undefined ? 'no limit' : formatRange(unit, from || undefined, to)}
      </span>
    </span>
  )
}
