import * as msg from './messages.en.ts'
const ITEMS = [
  ['M3 12V5M13 12V5', msg.isofixBarsDottedRecessed, ''],
  ['M8 2v8m-4-3a4 4 0 0 0 8 0', msg.tetherAnchorageArchInThe, ''],
  ['M2 4l12 8M2 12h12', msg.beltLapOnlyHasNo, 'soft'],
  ['M2 11q6-9 12 0z', msg.airbagFilledAlwaysOn, ''],
  ['M2 4h12v8H2z', msg.boxUnderTheFloor, ''],
  ['M2 4h12v8H2zM2 4l12 8M14 4L2 12', msg.boxThatBearsNoLeg, 'fail'],
  ['M5 2v12M11 2v12', msg.tunnelBlockConsole, ''],
  ['M8 2v12', msg.doorSide, 'magenta'],
] as const

const STROKE = { '': 'var(--ink)', soft: 'var(--ink-soft)', fail: 'var(--fail)', magenta: 'var(--magenta)' } as const

/** What the marks on the car's drawing mean. */
export function PlanLegend() {
  return (
    <ul aria-label={msg.whatTheDrawingShows} className="mt-3 grid grid-cols-2 gap-x-3 gap-y-1 text-sm text-ink-soft">
      {ITEMS.map(([d, text, colour]) => (
        <li key={text} className="flex items-center gap-1.5">
          <svg
            width="16"
            height="16"
            viewBox="0 0 16 16"
            aria-hidden="true"
            className="shrink-0"
            fill="none"
            stroke={STROKE[colour]}
            strokeWidth={colour === 'magenta' ? 3 : 1.6}
          >
            <path d={d} />
          </svg>
          {text}
        </li>
      ))}
    </ul>
  )
}
