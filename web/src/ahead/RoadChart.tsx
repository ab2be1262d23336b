import { IsoDate } from '@nimble-anchor/core/ground'
import type { AheadItem } from '@nimble-anchor/core/ahead'
import { dateText, addDays, daysBetween } from '@nimble-anchor/core/quantities'
import { Button } from '../ui/Button.tsx'
import { useMedia } from '../ui/useMedia.ts'
import type { WayStretch } from './ways.ts'
import * as msg from './messages.en.ts'

export interface RoadRow {
  readonly id: string
  readonly name: string
  readonly note?: string | undefined
  /** Leads to more of it. */
  readonly onOpen?: (() => void) | undefined
  readonly openLabel?: string | undefined
  readonly isLoading?: boolean
  /** Said where nothing is drawn. */
  readonly empty?: string | undefined
  readonly legs: readonly WayStretch[]
  readonly items: readonly AheadItem[]
}

const DAYS_PER_YEAR = 365.25
/** A way that has no end is drawn to here beyond all others. */
const OPEN_END_DAYS = 365
const MOST_DAYS = 13 * DAYS_PER_YEAR
const year = (iso: IsoDate): number => Number(iso.slice(0, 4))

/** What ends is a bar across, what is to be done a point; a forecast has its whiskers. */
const ENDS: ReadonlySet<AheadItem['kind']> = new Set(['mode-ends', 'unit-ends', 'duty-ends'])

interface Axis {
  readonly days: number
  at(iso: IsoDate): number
  readonly ticks: readonly { readonly at: number; readonly label: string }[]
}

function axisOf(today: IsoDate, rows: readonly RoadRow[]): Axis {
  const away = (iso: IsoDate): number => Math.max(0, daysBetween(today, iso))
  const ends = rows.flatMap((r) => [
    ...r.legs.map((l) => (l.to === undefined ? away(l.from) + OPEN_END_DAYS : away(l.to))),
    ...r.items.map((i) => away(i.likely)),
  ])
  const days = Math.min(MOST_DAYS, Math.max(DAYS_PER_YEAR, ...ends) * 1.02)
  const at = (iso: IsoDate): number => (100 * Math.min(days, away(iso))) / days
  // Years are marked, and months while there is room for them.
  const step = days < 2.5 * DAYS_PER_YEAR ? 3 : days < 5 * DAYS_PER_YEAR ? 6 : 12
  const ticks: { at: number; label: string }[] = []
  const last = addDays(today, Math.round(days))
  for (let y = year(today); y <= year(last); y += 1)
    for (let m = 0; m < 12; m += step) {
      const iso = `${y}-${String(m + 1).padStart(2, '0')}-01`
      if (iso <= today || iso > last) continue
      ticks.push({ at: at(IsoDate(iso)), label: m === 0 ? String(y) : dateText(iso, 'month-of-year') })
    }
  return { days, at, ticks }
}
/** Ticks whose words do not run into each other: so much of the axis, in per cent, lies between two. */
function apart(ticks: Axis['ticks'], share: number): Axis['ticks'] {
  let last = 0
  return ticks.filter((t) => {
    if (t.at - last < share || t.at > 97) return false
    last = t.at
    return true
  })
}

/** Wide enough that a word in it can be read, in per cent of the axis. */
const ROOM_FOR_WORDS = 9

/**
 * Years of one or more children on one axis: what serves when, where two overlap, where nothing serves, and what is to
 * be done on the way. The words of it stand in the lists beside: here it is seen.
 */
export function RoadChart({
  today,
  rows,
  label,
}: {
  readonly today: IsoDate
  readonly rows: readonly RoadRow[]
  readonly label: string
}) {
  const axis = axisOf(today, rows)
  const isWide = useMedia('(min-width: 640px)')
  return (
    <figure aria-label={label} className="min-w-0">
      <div className="grid grid-cols-[minmax(0,6.500rem)_minmax(0,1fr)] gap-x-3 sm:grid-cols-[minmax(0,15rem)_minmax(0,1fr)]">
        <span className="text-xs text-ink-soft">{rows.length > 1 ? msg.child : ''}</span>
        <div aria-hidden="true" className="relative h-5 text-xs text-ink-soft">
          <span className="absolute left-0">{msg.now}</span>
          {apart(axis.ticks, isWide ? 5 : 16).map((t) => (
            <span key={t.at} className="absolute -translate-x-1/2" style={{ left: `${t.at}%` }}>
              {t.label}
            </span>
          ))}
        </div>
        {rows.map((row) => (
          <Row key={row.id} row={row} axis={axis} />
        ))}
      </div>
    </figure>
  )
}

function Row({ row, axis }: { readonly row: RoadRow; readonly axis: Axis }) {
  const width = (from: IsoDate, to: IsoDate | undefined): number =>
    (to === undefined ? 100 : axis.at(to)) - axis.at(from)
  return (
    <>
      <div className="min-w-0 self-center border-t border-hair py-2">
        {row.onOpen ? (
          <Button
            look="bare"
            aria-label={row.openLabel}
            className="block min-h-11 max-w-full truncate text-left font-bold lg:min-h-0 underline decoration-line underline-offset-4"
            onClick={row.onOpen}
          >
            {row.name}
          </Button>
        ) : (
          <p className="truncate font-bold">{row.name}</p>
        )}
        {row.note !== undefined && <p className="text-xs text-ink-soft">{row.note}</p>}
      </div>
      <div className="relative h-16 border-t border-hair">
        {axis.ticks.map((t) => (
          <span
            key={t.at}
            aria-hidden="true"
            className="absolute inset-y-0 border-l border-hair"
            style={{ left: `${t.at}%` }}
          />
        ))}
        {row.legs.map((leg) => (
          <span key={`${leg.from}${leg.text}`}>
            {leg.mayBeginFrom < leg.from && (
              <span
                className="absolute top-[3.400rem] h-1.5 border border-line bg-shoal"
                style={{ left: `${axis.at(leg.mayBeginFrom)}%`, width: `${width(leg.mayBeginFrom, leg.from)}%` }}
              />
            )}
            <span
              className={`absolute top-7 flex h-6 items-center overflow-hidden border px-1 text-xs whitespace-nowrap ${
                leg.isGap
                  ? 'border-dashed border-fail text-fail'
                  : leg.isUnsure
                    ? 'border-dashed border-ink bg-sheet'
                    : 'border-line bg-shoal-deep'
              }`}
              style={{ left: `${axis.at(leg.from)}%`, width: `max(3px, ${width(leg.from, leg.to)}%)` }}
            >
              {width(leg.from, leg.to) >= ROOM_FOR_WORDS && (
                <span className="truncate">{leg.isGap ? msg.nothing : leg.text.split(' (')[0]}</span>
              )}
            </span>
          </span>
        ))}
        {row.items.map((item) => (
          <ItemMark key={item.id} item={item} axis={axis} />
        ))}
        {row.legs.length === 0 && row.items.length === 0 && (
          <span className="absolute inset-0 flex items-center text-sm text-ink-soft">
            <span className="bg-sheet pr-2">
              {row.isLoading ? msg.beingWorkedOut : (row.empty ?? msg.nothingIsKnownAhead)}
            </span>
          </span>
        )}
      </div>
    </>
  )
}

function ItemMark({ item, axis }: { readonly item: AheadItem; readonly axis: Axis }) {
  const tone = ENDS.has(item.kind) ? 'bg-fail' : 'bg-magenta'
  const end = item.late === undefined ? 100 : axis.at(item.late)
  return (
    <span aria-hidden="true">
      {!item.isFixed && (
        <span
          className={`absolute top-[0.900rem] h-px ${tone}`}
          style={{ left: `${axis.at(item.early)}%`, width: `${Math.max(0.3, end - axis.at(item.early))}%` }}
        />
      )}
      <span
        className={`absolute -translate-x-1/2 ${tone} ${ENDS.has(item.kind) ? 'top-1.5 h-4.5 w-[3px]' : 'top-2.5 size-2.5 rotate-45'}`}
        style={{ left: `${axis.at(item.likely)}%` }}
      />
    </span>
  )
}

/** What the marks mean, for whoever sees them first. */
export const RoadKey = () => (
  <p className="mt-1 flex flex-wrap gap-x-5 gap-y-1 text-xs text-ink-soft" aria-hidden="true">
    <span className="flex items-center gap-1.5">
      <span className="inline-block size-2.5 rotate-45 bg-magenta" />
      {msg.dueThen}
    </span>
    <span className="flex items-center gap-1.5">
      <span className="inline-block h-4 w-[3px] bg-fail" />
      {msg.ends}
    </span>
    <span className="flex items-center gap-1.5">
      <span className="inline-block h-px w-6 bg-ink" />
      {msg.eightChildrenInTen}
    </span>
    <span className="flex items-center gap-1.5">
      <span className="inline-block h-1.5 w-6 border border-line bg-shoal" />
      {msg.couldBeUsedAlready}
    </span>
    <span className="flex items-center gap-1.5">
      <span className="inline-block h-3.5 w-6 border border-dashed border-fail" />
      {msg.nothingServes}
    </span>
  </p>
)
