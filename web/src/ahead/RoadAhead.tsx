import { dateText } from '@nimble-anchor/core/quantities'
import { type FittingId, type IsoDate } from '@nimble-anchor/core/ground'
import { type AheadItem, whenText } from '@nimble-anchor/core/ahead'
import { type AheadView } from '@nimble-anchor/core/formats'

import { CalendarPlus } from 'lucide-react'
import { useState } from 'react'
import { Link } from 'react-router'
import { api } from '../session/api.ts'
import { useFitting } from '../session/fitting.ts'
import { useWork } from '../session/useWork.ts'
import { Button } from '../ui/Button.tsx'
import { Panel } from '../ui/Panel.tsx'
import { saveFromServer } from '../ui/saveFile.ts'
import { WorkProgress } from '../ui/WorkProgress.tsx'
import { RoadChart, RoadKey } from './RoadChart.tsx'
import { legsOf, type SequenceView } from './ways.ts'
import { useAnswer } from '../session/queries.ts'
import * as msg from './messages.en.ts'

export interface KnownAhead {
  /** The newest that was told, which may be of an earlier state. */
  readonly ahead: AheadView | null
  readonly failed: boolean
  /** Whether anybody is asked: what is not saved yet, the server knows nothing of. */
  readonly isSaved: boolean
}

/** What is ahead of the saved fitting; asked again when something has been saved. */
export function useAhead(): KnownAhead {
  const view = useFitting((s) => s.view)
  const saving = useFitting((s) => s.saving)
  const id = view?.id
  const isSaved = saving === 'saved'
  const { data, isError } = useAnswer({
    queryKey: ['ahead', id, view?.sequence],
    queryFn: () => api.ahead(id ?? ''),
    enabled: id !== undefined && isSaved,
    // What was told of an earlier state stays until the next: of this fitting, never of another.
    placeholderData: (before, of) => (of?.queryKey[1] === id ? before : undefined),
  })
  return {
    ahead: data ?? null,
    failed: isError,
    // On its way is as good as saved: it is a moment.
    isSaved: isSaved || saving === 'saving',
  }
}

interface Props {
  readonly fittingId: FittingId
  readonly today: IsoDate
  readonly known: KnownAhead
}

export function RoadAhead({ fittingId, today, known: { ahead, failed } }: Props) {
  const items = ahead?.items ?? []
  return (
    <Panel
      title={msg.whatChangesNext}
      aside={
        items.length > 0 && (
          <Button
            className="no-print"
            onClick={() => void saveFromServer(`/api/fittings/${fittingId}/due.ics`, 'due.ics')}
          >
            <CalendarPlus size={18} aria-hidden="true" />
            {msg.calendar}
          </Button>
        )
      }
    >
      {failed && <p>{msg.theServerDoesNotAnswer}</p>}
      {!ahead && !failed && <p className="text-ink-soft">{msg.workingItOut}</p>}
      {ahead && items.length === 0 && <p className="text-ink-soft">{msg.chooseARestraintModeThen}</p>}
      {ahead && ahead.asOf < today && items.length > 0 && (
        <p className="mb-2 text-ink-soft">{msg.countedFromByWhatWas(dateText(ahead.asOf))}</p>
      )}
      {ahead && items.length > 0 && (
        <>
          <RoadChart
            today={today}
            label={msg.theYearsAhead}
            rows={[
              {
                id: 'way',
                name: ahead.sequences.length > 0 ? msg.fromTheShelf : msg.thisFitting,
                legs: ahead.sequences[0] ? legsOf(ahead.sequences[0]) : [],
                items,
              },
            ]}
          />
          <RoadKey />
          <Items items={items} />
        </>
      )}
      {ahead && ahead.sequences.length > 0 && <Ways fittingId={fittingId} today={today} ofShelf={ahead.sequences} />}
      {items.some((i) => !i.isFixed) && <p className="mt-2 text-sm text-ink-soft">{msg.forecastMonthsAreForA}</p>}
    </Panel>
  )
}

/** Each item in words; where it lies in time is drawn above. */
function Items({ items }: { readonly items: readonly AheadItem[] }) {
  return (
    <ol className="grid gap-x-6 border-y border-hair md:grid-cols-2">
      {items.map((item) => (
        <li key={item.id} tabIndex={0} className="border-b border-hair py-1.5">
          <span className="block font-bold">{item.title}</span>
          <span className="text-sm">
            <b>{whenText(item, dateText)}</b>; {item.because}
          </span>
        </li>
      ))}
    </ol>
  )
}

/** Ways through the years, from the shelf or, when asked for, from the whole catalogue. */
function Ways({
  fittingId,
  today,
  ofShelf,
}: {
  fittingId: FittingId
  today: IsoDate
  ofShelf: AheadView['sequences']
}) {
  const [wider, setWider] = useState<AheadView['sequences'] | 'failed' | null>(null)
  const asking = useWork()
  const shown = Array.isArray(wider) ? (wider as AheadView['sequences']) : ofShelf
  const source = shown === ofShelf ? 'shelf' : 'catalogue'
  const next = shown[0] && legsOf(shown[0])[1]
  return (
    <>
      {next && (
        <p className="mt-3 border-l-4 border-magenta pl-3">
          <b>{msg.afterThis}</b>{' '}
          {next.isGap
            ? msg.nothingFrom(
                source === 'shelf' ? msg.onTheShelf : msg.inTheCatalogue,
                dateText(next.from, 'month'),
                next.to === undefined ? '' : msg.to2(dateText(next.to, 'month')),
              )
            : msg.from(
                next.text,
                dateText(next.from, 'month'),
                next.mayBeginFrom < next.from ? msg.itMightBeUsedFrom(dateText(next.mayBeginFrom, 'month')) : '',
              )}
          .
        </p>
      )}
      {shown.map((s, i) => (
        <Way
          key={`${source}${s.by}`}
          sequence={s}
          source={source}
          isOnly={shown.length === 1}
          isFirst={i === 0}
          today={today}
        />
      ))}
      {source === 'shelf' && asking.share === undefined && (
        <Button
          look="quiet"
          className="no-print mt-2"
          onClick={() => {
            setWider(null)
            asking
              .run((work) => api.ahead(fittingId, 'catalogue', work))
              .then(
                (view) => view && setWider(view.sequences),
                () => setWider('failed'),
              )
          }}
        >
          {msg.withEverythingInTheCatalogue}
        </Button>
      )}
      {asking.share !== undefined && (
        <WorkProgress what={msg.lookingThroughTheCatalogue} share={asking.share} onStop={asking.stop} />
      )}
      {source === 'catalogue' && (
        <Button look="quiet" className="no-print mt-2" onClick={() => setWider(null)}>
          {msg.fromTheShelfOnly}
        </Button>
      )}
      {wider === 'failed' && <p role="alert">{msg.theServerDoesNotAnswerTry}</p>}
    </>
  )
}

function Way({
  sequence,
  source,
  isOnly,
  isFirst,
  today,
}: {
  readonly sequence: SequenceView
  readonly source: 'shelf' | 'catalogue'
  readonly isOnly: boolean
  readonly isFirst: boolean
  readonly today: IsoDate
}) {
  const [isOpen, setOpen] = useState(isFirst)
  const from = source === 'shelf' ? msg.fromTheShelf : msg.fromTheCatalogue
  const title = isOnly
    ? msg.oneAfterAnother(from)
    : sequence.by === 'profile'
      ? msg.asYourProfileAsks(from)
      : msg.withTheFewestRestraints(from)
  const legs = legsOf(sequence)
  return (
    <section className="mt-3">
      <h3 className="flex flex-wrap items-center justify-between gap-2 font-bold">
        {title}: {sequence.restraints} {sequence.restraints === 1 ? msg.restraint : msg.restraints}
        <Button look="quiet" aria-expanded={isOpen} onClick={() => setOpen(!isOpen)}>
          {isOpen ? msg.hide : msg.show}
        </Button>
      </h3>
      {isOpen && (
        <ul className="text-[0.95rem]">
          {legs.map((leg) => {
            return (
              <li
                key={`${leg.from}${leg.text}`}
                tabIndex={0}
                className="grid gap-x-3 border-b border-hair py-1 md:grid-cols-[11rem_minmax(0,1fr)]"
              >
                <span className="text-ink-soft">
                  {dateText(leg.from, 'month')} {leg.to === undefined ? msg.onwards : msg.to(dateText(leg.to, 'month'))}
                </span>
                <span className={leg.isGap ? 'font-bold text-fail' : 'font-semibold'}>
                  {leg.isGap ? msg.nothing2(source === 'shelf' ? msg.onTheShelf : msg.inTheCatalogue) : leg.text}
                  {leg.mayBeginFrom < leg.from && leg.mayBeginFrom > today && (
                    <span className="font-normal text-ink-soft">
                      {msg.possibleFrom(dateText(leg.mayBeginFrom, 'month'))}
                    </span>
                  )}
                  {leg.isUnsure && (
                    <span className="font-normal text-stale">
                      {msg.ifTheUnitIsFound}{' '}
                      <Link to={`/units/${leg.unitId ?? ''}`} className="underline underline-offset-4">
                        {msg.whatIsNotKnownOf}
                      </Link>
                    </span>
                  )}
                </span>
              </li>
            )
          })}
        </ul>
      )}
    </section>
  )
}
