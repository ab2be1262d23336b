import { formatInterval, formatNumber, formatRange, type Interval } from '@nimble-anchor/core/quantities'
import * as msg from './messages.en.ts'

/** Two ends on a scale; an end left out is open. */
interface Span {
  readonly from?: number | undefined
  readonly to?: number | undefined
}

interface Props {
  readonly what: string
  readonly unit: string
  /** Ends of the scale drawn. */
  readonly scale: readonly [number, number]
  /** The mode's own range; `undefined` where it states none. */
  readonly range: Span | undefined
  readonly child: Interval | undefined
  /** Where half of the possible children will be in two years: drawn as a fading tail. */
  readonly tailTo?: number | undefined
  /** When the mode serves this child by the forecast, and how far that may reach. */
  readonly serves?: { readonly from: number; readonly to: number; readonly atMost: number } | undefined
  /** Said instead of the range in figures. */
  readonly caption?: string | undefined
}

const WIDE = 200

/** Gradients that every bar on the page shares. */
export function BarGradients() {
  return (
    <svg width="0" height="0" aria-hidden="true" className="absolute">
      <defs>
        <linearGradient id="na-tail">
          <stop offset="0" stopColor="var(--ink)" stopOpacity="0.6" />
          <stop offset="1" stopColor="var(--ink)" stopOpacity="0" />
        </linearGradient>
        <linearGradient id="na-reach">
          <stop offset="0" stopColor="var(--shoal-deep)" stopOpacity="1" />
          <stop offset="1" stopColor="var(--shoal-deep)" stopOpacity="0" />
        </linearGradient>
      </defs>
    </svg>
  )
}

/** The mode's range as shallow water on a scale, with the child and its ± standing in it and its growth ahead. */
export function RangeBar({ what, unit, scale: [min, max], range, child, tailTo, serves, caption }: Props) {
  const at = (x: number): number => ((Math.min(Math.max(x, min), max) - min) / (max - min)) * WIDE
  const [low, high] = [at(range?.from ?? min), at(range?.to ?? max)]
  const middle = child && (child.lo + child.hi) / 2
  const shown = caption ?? (range ? formatRange(unit, range.from, range.to) : msg.noLimitIn(unit))
  const spoken = [
    `${what} ${shown}`,
    child ? `child ${formatInterval(child, unit)}` : msg.childNotMeasured,
    tailTo !== undefined && msg.aboutInTwoYears(formatNumber(tailTo), unit),
  ]
  return (
    <span role="img" aria-label={spoken.filter(Boolean).join('; ')} className="block min-w-0">
      <svg
        viewBox={`0 0 ${WIDE} 20`}
        preserveAspectRatio="none"
        className="block h-5 w-full overflow-visible"
        aria-hidden="true"
      >
        <path d={`M0 10H${WIDE}`} stroke="var(--line)" strokeWidth="1" vectorEffect="non-scaling-stroke" />
        {serves && (
          <>
            <rect
              x={at(serves.from)}
              y="5"
              width={at(serves.to) - at(serves.from)}
              height="10"
              fill="var(--shoal-deep)"
            />
            <rect x={at(serves.to)} y="5" width={at(serves.atMost) - at(serves.to)} height="10" fill="url(#na-reach)" />
          </>
        )}
        {range && (
          <rect
            x={low}
            y="4"
            width={Math.max(high - low, 2)}
            height="12"
            fill={serves ? 'none' : 'var(--shoal-deep)'}
            stroke="var(--ink)"
            strokeWidth="1"
            strokeDasharray={serves ? '3 2' : undefined}
            vectorEffect="non-scaling-stroke"
          />
        )}
        {child && middle !== undefined && (
          <>
            {tailTo !== undefined && tailTo > middle && (
              <rect x={at(middle)} y="7.500" width={at(tailTo) - at(middle)} height="5" fill="url(#na-tail)" />
            )}
            <rect
              x={at(child.lo)}
              y="1"
              width={Math.max(at(child.hi) - at(child.lo), 1.4)}
              height="18"
              fill="var(--ink)"
              opacity="0.300"
            />
            <rect x={at(middle) - 0.9} y="0" width="1.800" height="20" fill="var(--ink)" />
          </>
        )}
      </svg>
      <span className="block text-sm leading-tight text-ink-soft" aria-hidden="true">
        {shown}
      </span>
    </span>
  )
}
