import type { Interval } from '@nimble-anchor/core/quantities'
import { shareOf, type Axis, type Bar } from './axes.ts'

interface Props {
  readonly axis: Axis
  readonly bar: Bar | undefined
  /** The child as a line with its ± as a band, through every row. */
  readonly child: Interval | undefined
}

/** One row's stretch of one shared axis; the words of the row say the same. */
export function AxisBar({ axis, bar, child }: Props) {
  const at = (x: number): number => shareOf(axis, x)
  const middle = child && (child.lo + child.hi) / 2
  return (
    <svg viewBox="0 0 100 24" preserveAspectRatio="none" aria-hidden="true" className="block h-full w-full">
      {axis.ticks.map((t) => (
        <path
          key={t.at}
          d={`M${at(t.at)} 0V24`}
          stroke="var(--hair)"
          strokeWidth="1"
          vectorEffect="non-scaling-stroke"
        />
      ))}
      {bar && (
        <>
          <rect
            x={at(bar.from)}
            y="6"
            width={Math.max(at(bar.fadesFrom ?? bar.to) - at(bar.from), 0.8)}
            height="12"
            fill="var(--shoal-deep)"
          />
          {bar.fadesFrom !== undefined && bar.fadesTo !== undefined && (
            <rect
              x={at(bar.fadesFrom)}
              y="6"
              width={Math.max(at(bar.fadesTo) - at(bar.fadesFrom), 0)}
              height="12"
              fill="url(#na-fade)"
            />
          )}
          <path
            d={`M${at(bar.from)} 6V18M${at(bar.to)} 6V18`}
            stroke="var(--ink)"
            strokeWidth="1.500"
            vectorEffect="non-scaling-stroke"
          />
        </>
      )}
      {child && middle !== undefined && (
        <>
          <rect
            x={at(child.lo)}
            y="0"
            width={Math.max(at(child.hi) - at(child.lo), 0.6)}
            height="24"
            fill="var(--magenta)"
            opacity="0.25"
          />
          <path
            d={`M${at(middle)} 0V24`}
            stroke="var(--magenta)"
            strokeWidth="1.500"
            vectorEffect="non-scaling-stroke"
          />
        </>
      )}
    </svg>
  )
}

/** The fading end of a bar, shared by every row. */
export function BarFade() {
  return (
    <svg width="0" height="0" aria-hidden="true" className="absolute">
      <defs>
        <linearGradient id="na-fade">
          <stop offset="0" stopColor="var(--shoal-deep)" stopOpacity="1" />
          <stop offset="1" stopColor="var(--shoal-deep)" stopOpacity="0.15" />
        </linearGradient>
      </defs>
    </svg>
  )
}

/** The scale over a column of bars. */
export function AxisHead({ axis, child }: { readonly axis: Axis; readonly child: Interval | undefined }) {
  return (
    <div className="relative h-8 text-[0.7rem] leading-tight text-ink-soft">
      <span className="font-semibold text-ink">{axis.label}</span>
      {axis.ticks.map((t) => (
        <span key={t.at} className="absolute bottom-0 -translate-x-1/2" style={{ left: `${shareOf(axis, t.at)}%` }}>
          {t.text}
        </span>
      ))}
      {child && (
        <span
          aria-hidden="true"
          className="absolute bottom-0 h-2 w-0 border-l-2 border-magenta"
          style={{ left: `${shareOf(axis, (child.lo + child.hi) / 2)}%` }}
        />
      )}
    </div>
  )
}
