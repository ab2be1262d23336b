import { daysBetween, type AheadItem, type AheadView, type IsoDate } from '@nimble-anchor/core'
import { CalendarPlus } from 'lucide-react'
import { useEffect, useState } from 'react'
import { api } from '../../session/api.ts'
import { useFitting } from '../../session/fitting.ts'
import { Button } from '../../ui/Button.tsx'
import { Panel } from '../../ui/Panel.tsx'
import { saveFromServer } from '../../ui/saveFile.ts'

const day = new Intl.DateTimeFormat(undefined, { day: 'numeric', month: 'short', year: 'numeric', timeZone: 'UTC' })
const month = new Intl.DateTimeFormat(undefined, { month: 'short', year: 'numeric', timeZone: 'UTC' })
const dayText = (iso: IsoDate): string => day.format(new Date(`${iso}T00:00:00Z`))
const monthText = (iso: IsoDate): string => month.format(new Date(`${iso}T00:00:00Z`))

/** "May 2027 (Feb 2027 to Nov 2027)": to the month, since no more is known. */
export function whenText({ early, likely, late, isFixed }: AheadItem): string {
  if (isFixed) return dayText(likely)
  const range = late === undefined ? `from ${monthText(early)}` : `${monthText(early)} to ${monthText(late)}`
  return `${monthText(likely)} (${range})`
}

export interface KnownAhead {
  readonly ahead: AheadView | null
  readonly failed: boolean
}

/** What is ahead of the saved fitting; asked again when something has been saved. */
export function useAhead(): KnownAhead {
  const view = useFitting((s) => s.view)
  const saving = useFitting((s) => s.saving)
  const [loaded, setLoaded] = useState<{ readonly key: string; readonly ahead: AheadView | null } | null>(null)
  const id = view?.id
  const key = `${id}/${view?.sequence}`
  const isSaved = saving === 'saved'
  useEffect(() => {
    if (id === undefined || !isSaved) return
    let isOver = false
    api.ahead(id).then(
      (ahead) => !isOver && setLoaded({ key, ahead }),
      () => !isOver && setLoaded({ key, ahead: null }),
    )
    return () => {
      isOver = true
    }
  }, [id, key, isSaved])
  return { ahead: loaded?.ahead ?? null, failed: loaded !== null && loaded.key === key && loaded.ahead === null }
}

/** Years of the road drawn at once, beyond which a far item is at the edge. */
const MOST_DAYS = 365 * 13

interface Props {
  readonly fittingId: string
  readonly today: IsoDate
  readonly known: KnownAhead
}

export function RoadAhead({ fittingId, today, known: { ahead, failed } }: Props) {
  const items = ahead?.items ?? []
  return (
    <Panel
      title="What changes next"
      aside={
        items.length > 0 && (
          <Button
            className="no-print"
            onClick={() => void saveFromServer(`/api/fittings/${fittingId}/due.ics`, 'due.ics')}
          >
            <CalendarPlus size={18} aria-hidden="true" /> Calendar
          </Button>
        )
      }
    >
      {failed && <p>The server does not answer; what is ahead is worked out there.</p>}
      {!ahead && !failed && <p className="text-ink-soft">Working it out.</p>}
      {ahead && items.length === 0 && (
        <p className="text-ink-soft">Choose a restraint mode; then this says what is due and when.</p>
      )}
      {items.length > 0 && <Timeline items={items} today={today} />}
      {ahead?.sequences.map((s, i) => (
        <Way key={s.by} sequence={s} isOnly={ahead.sequences.length === 1} isFirst={i === 0} />
      ))}
      {items.some((i) => !i.isFixed) && (
        <p className="mt-2 text-sm text-ink-soft">
          Forecast months are for a child that grows as most do, of what is known today. Measure again and look before
          them.
        </p>
      )}
    </Panel>
  )
}

/** Each item on one scale of time: the dot is likely, the bar holds eight children in ten. */
function Timeline({ items, today }: { readonly items: readonly AheadItem[]; readonly today: IsoDate }) {
  const days = (iso: IsoDate): number => Math.min(Math.max(0, daysBetween(today, iso)), MOST_DAYS)
  const most = Math.max(...items.map((i) => days(i.late ?? i.likely)), 180) * 1.03
  // The near future is where a fitter acts: its share of the line is larger.
  const at = (iso: IsoDate): number => Math.sqrt(days(iso) / most) * 100
  return (
    <ol className="divide-y divide-hair border-y border-hair">
      {items.map((item) => {
        const end = item.late === undefined ? 100 : at(item.late)
        return (
          <li key={item.id} tabIndex={0} className="grid gap-x-4 py-2 md:grid-cols-[minmax(0,1fr)_minmax(0,15rem)]">
            <p>
              <span className="block font-bold">{item.title}</span>
              <span className="text-sm">
                <b>{whenText(item)}</b>; {item.because}
              </span>
            </p>
            <svg viewBox="0 0 100 14" preserveAspectRatio="none" aria-hidden="true" className="h-7 w-full self-center">
              <path d="M0 7H100" stroke="var(--hair)" strokeWidth="0.800" vectorEffect="non-scaling-stroke" />
              {!item.isFixed && (
                <rect
                  x={at(item.early)}
                  y={4}
                  width={Math.max(0.8, end - at(item.early))}
                  height={6}
                  fill="var(--shoal-deep)"
                  stroke="var(--line)"
                  vectorEffect="non-scaling-stroke"
                />
              )}
              <rect
                x={Math.min(at(item.likely), 98.6)}
                y={1}
                width={1.4}
                height={12}
                fill={item.kind === 'mode-ends' || item.kind === 'unit-ends' ? 'var(--fail)' : 'var(--magenta)'}
              />
            </svg>
          </li>
        )
      })}
    </ol>
  )
}

type SequenceView = AheadView['sequences'][number]

function Way({
  sequence,
  isOnly,
  isFirst,
}: {
  readonly sequence: SequenceView
  readonly isOnly: boolean
  readonly isFirst: boolean
}) {
  const [isOpen, setOpen] = useState(isFirst)
  const title = isOnly
    ? 'From the shelf, one after another'
    : sequence.by === 'profile'
      ? 'From the shelf, as your profile asks'
      : 'From the shelf, with the fewest restraints'
  return (
    <section className="mt-3">
      <h3 className="flex flex-wrap items-center justify-between gap-2 font-bold">
        {title}: {sequence.restraints} {sequence.restraints === 1 ? 'restraint' : 'restraints'}
        <Button look="quiet" aria-expanded={isOpen} onClick={() => setOpen(!isOpen)}>
          {isOpen ? 'Hide' : 'Show'}
        </Button>
      </h3>
      {isOpen && (
        <ul className="text-[0.95rem]">
          {[
            ...sequence.legs.map((leg) => ({
              from: leg.from,
              text: `${leg.modelName}, ${leg.modeLabel}${leg.serial === undefined ? '' : ` (${leg.serial})`}`,
              to: leg.to,
              isGap: false,
            })),
            ...sequence.gaps.map((gap) => ({ from: gap.from, text: 'nothing on the shelf', to: gap.to, isGap: true })),
          ]
            .toSorted((a, b) => a.from.localeCompare(b.from))
            .map((leg) => (
              <li key={`${leg.from}${leg.text}`} className="flex flex-wrap gap-x-3 border-b border-hair py-1">
                <span className="w-52 text-ink-soft">
                  {monthText(leg.from)} {leg.to === undefined ? 'onwards' : `to ${monthText(leg.to)}`}
                </span>
                <span className={leg.isGap ? 'font-bold text-fail' : 'font-semibold'}>{leg.text}</span>
              </li>
            ))}
        </ul>
      )}
    </section>
  )
}
