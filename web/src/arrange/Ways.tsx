import { becauseText, factText, gapText, type Arrangement, type ArrangeResult } from '@nimble-anchor/core/arrange'
import { formatNumber, plural } from '@nimble-anchor/core/quantities'
import { ToggleGroup } from 'radix-ui'
import type { namesOf } from './question.ts'
import { StateMark } from '../ui/StateMark.tsx'
import * as msg from './messages.en.ts'

interface Props {
  readonly result: ArrangeResult
  readonly chosen: number
  readonly onChoose: (index: number) => void
  readonly names: ReturnType<typeof namesOf>
  readonly hasOneCar: boolean
}

type Seat = Arrangement['seats'][number]
const placesOf = (s: Seat): readonly string[] => [s.positionId, ...(s.secondPositionId === undefined ? [] : [s.secondPositionId])] // prettier-ignore

function seatText(a: Arrangement, s: Seat, names: Props['names']): string {
  const where = placesOf(s)
    .map((p) => names.place(a.vehicleId, p))
    .join(' and ')
  return `${names.rider(s.childId)} ${where}${s.modelId === undefined ? msg.onTheBelt : `, ${names.model(s.modelId)}`}`
}

/** Who rides where and in what, in a line. */
export const seatsText = (a: Arrangement, names: Props['names']): string =>
  a.seats.map((s) => seatText(a, s, names)).join(' · ')

/** Whom another arrangement of the same car seats otherwise than the best; of another car, everybody. */
export function otherwiseText(a: Arrangement, best: Arrangement, names: Props['names']): string {
  if (a.vehicleId !== best.vehicleId) return seatsText(a, names)
  const seats = a.seats.flatMap((s): string[] => {
    const before = best.seats.find((b) => b.childId === s.childId)
    const isSamePlace = before !== undefined && placesOf(before).join() === placesOf(s).join()
    if (!isSamePlace) return [seatText(a, s, names)]
    if (before.modelId !== s.modelId) return [`${names.rider(s.childId)} in ${s.modelId === undefined ? msg.theBeltAlone : names.model(s.modelId)}`] // prettier-ignore
    return []
  })
  const adults = a.adults.flatMap(({ adultId, positionId }) =>
    best.adults.some((b) => b.adultId === adultId && b.positionId === positionId)
      ? []
      : [`${names.rider(adultId)} ${names.place(a.vehicleId, positionId)}`],
  )
  const found = [...seats, ...adults]
  return found.length === 0 ? seatsText(a, names) : found.join(' · ')
}

const marginText = (mm: number | undefined): string | undefined =>
  mm === undefined
    ? undefined
    : mm < 0
      ? msg.sideBySideMmMay(formatNumber(Math.ceil(-mm)))
      : msg.mmToSpareSideBy(formatNumber(Math.floor(mm)))

/** What the best comes to, where nothing stands before it. */
function bestText({ levels }: Arrangement): string {
  const lost = levels.rearwardMonthsLost
  return [
    levels.facts > 0 ? msg.toBeMeasured(plural(levels.facts, msg.fact)) : undefined,
    lost > 0 ? msg.facingRearwardGivenUpIn(plural(lost, msg.month)) : msg.nobodyGivesUpFacingRearward,
    marginText(levels.marginMm),
  ]
    .filter((x) => x !== undefined)
    .join(', ')
}

/** The best different arrangements, each with why it stands where it stands. */
export function Ways({ result, chosen, onChoose, names, hasOneCar }: Props) {
  const [first] = result.arrangements
  if (first === undefined) return null
  return (
    <>
      {result.gap && <p className="mb-1 text-sm font-semibold text-doubt">{gapText(result.gap)}</p>}
      <ToggleGroup.Root
        type="single"
        role="radiogroup"
        aria-label={msg.arrangementsBestFirst}
        value={String(chosen)}
        onValueChange={(value) => value !== '' && onChoose(Number(value))}
        orientation="vertical"
        className="grid gap-1"
      >
        {result.arrangements.map((a, i) => (
          <ToggleGroup.Item
            key={seatsText(a, names) + a.vehicleId}
            value={String(i)}
            className={`grid min-h-11 grid-cols-[1.4rem_1.2rem_minmax(0,1fr)] items-start gap-x-1 rounded-[3px] border px-2 py-1 text-left focus-visible:outline-3 focus-visible:outline-offset-2 focus-visible:outline-magenta ${i === chosen ? 'border-ink bg-shoal-deep' : 'border-line hover:bg-shoal'}`}
          >
            <span className="font-bold">{i + 1}</span>
            <span className="pt-0.5">
              <StateMark state={a.facts.length === 0 ? 'pass' : 'undecided'} size={14} />
            </span>
            <span className="min-w-0 text-[0.95rem] leading-tight">
              <span className="block font-semibold sm:truncate">
                {!hasOneCar && (i === 0 || a.vehicleId !== first.vehicleId) && `${names.car(a.vehicleId)}: `}
                {i === 0 ? seatsText(a, names) : otherwiseText(a, first, names)}
              </span>
              <span className="block text-sm text-ink-soft">
                {i === 0 ? bestText(a) : becauseText(a.because, first.levels, a.levels)}
              </span>
            </span>
          </ToggleGroup.Item>
        ))}
      </ToggleGroup.Root>
    </>
  )
}

/** What has to be done to car or restraint before anybody sits so: airbags, and units that stand otherwise now. */
export function BeforeThat({ arrangement, names }: Pick<Props, 'names'> & { arrangement: Arrangement }) {
  const { vehicleId, seats, adults } = arrangement
  const place = (id: string): string => names.place(vehicleId, id)
  const duties = [
    ...[...seats, ...adults].flatMap(({ airbag, positionId }) =>
      airbag === undefined ? [] : [msg.airbagOfAndTheLamp(place(positionId), airbag)],
    ),
    ...seats.flatMap((s) =>
      s.needsConversion === true ? [msg.isConvertedFirstFor(names.model(s.modelId ?? ''), names.rider(s.childId))] : [],
    ),
  ]
  if (duties.length === 0) return null
  return (
    <section className="mt-2">
      <h2 className="font-bold">{msg.beforeThat}</h2>
      <ul className="list-disc pl-5 text-[0.95rem]">
        {duties.map((text) => (
          <li key={text}>{text}</li>
        ))}
      </ul>
    </section>
  )
}

/** What is still to be measured or read before it is certain; what settles most stands first. */
export function ToMeasure({
  result,
  arrangement,
  names,
}: Pick<Props, 'result' | 'names'> & { arrangement: Arrangement }) {
  if (arrangement.facts.length === 0) return null
  const next = result.measureNext
  const facts = arrangement.facts.toSorted((a, b) => Number(b.key === next?.key) - Number(a.key === next?.key))
  return (
    <section className="mt-2">
      <h2 className="font-bold">{msg.toBeMeasuredOrRead}</h2>
      <ul className="list-disc pl-5 text-[0.95rem]">
        {facts.map((fact) => (
          <li key={fact.key} className={fact.key === next?.key ? 'font-bold' : ''}>
            {factText(fact, names)}
          </li>
        ))}
      </ul>
    </section>
  )
}
