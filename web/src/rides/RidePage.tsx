import type { RideView } from '@nimble-anchor/core/formats'
import { onSeatText, RIDE_VERDICT_TEXT } from '@nimble-anchor/core/ride'
import { planOf, vehicleName, type Vehicle } from '@nimble-anchor/core/vehicle'
import { VERDICT_TEXT } from '@nimble-anchor/core/verdict'
import { Printer } from 'lucide-react'
import { useEffect, useMemo, useState } from 'react'
import { Link, useParams } from 'react-router'
import { toast } from 'sonner'
import { v4 } from 'uuid'
import { CarField } from '../car/CarField.tsx'
import { spotOn } from '../car/field.ts'
import { ShellFromAbove } from '../car/ShellFromAbove.tsx'
import { api, Refused } from '../session/api.ts'
import { fitterName } from '../session/preferences.ts'
import { useMay } from '../session/who.ts'
import { Ask } from '../ui/Ask.tsx'
import { Button } from '../ui/Button.tsx'
import { CheckBox } from '../ui/CheckBox.tsx'
import { Choices } from '../ui/Choices.tsx'
import { FileButton } from '../ui/FileButton.tsx'
import { Missing } from '../ui/Missing.tsx'
import { Page } from '../ui/Page.tsx'
import { Panel } from '../ui/Panel.tsx'
import { sayRefusal } from '../ui/refusal.ts'
import { StateMark, VERDICT_MARK, type MarkState } from '../ui/StateMark.tsx'
import { useRide } from './useRide.ts'
import * as msg from './messages.en.ts'

const RIDE_MARK: Record<RideView['verdict'], MarkState> = {
  ready: 'pass',
  'not-ready': 'fail',
  undecided: 'undecided',
  'another-car': 'fail',
}
type Member = RideView['members'][number]

const isDone = (m: Member): boolean => m.verdict === 'ready' && !m.isOutdated

/** All who travel at once: how each fitting stands, what is on it that widens it, in which order they go in. */
export default function RidePage() {
  const { id = '' } = useParams()
  const asked = useRide(id)
  const mayFit = useMay('lead', 'fitter', 'trainee')
  useEffect(() => {
    document.title = msg.rideNimbleAnchor
  }, [])
  const ride = asked.data
  if (ride === undefined) {
    if (asked.error instanceof Refused)
      return <Missing title={msg.thereIsNoSuchRide} to="/families" label={msg.families} />
    return asked.isError ? (
      <p role="alert" className="p-8">
        {msg.theServerDoesNotAnswer}
      </p>
    ) : (
      <p className="p-8 text-ink-soft">{msg.loading}</p>
    )
  }
  const next = ride.members.find((m) => !isDone(m) && !m.isSigned) ?? ride.members.find((m) => !isDone(m))
  const place = (placeId: string): string => ride.vehicle?.positions.find((p) => p.id === placeId)?.label ?? placeId
  const nameOf = (rider: string): string =>
    ride.members.find((m) => m.id === rider)?.childName ?? onSeatText(ride.adults.find((a) => a.id === rider))
  const reload = (): void => void asked.refetch()
  return (
    <Page hasVerdicts width="middle">
      <div className="mb-2 flex shrink-0 flex-wrap items-center gap-x-4 gap-y-2">
        <h1 className="text-2xl font-bold tracking-tight">{msg.thisRide}</h1>
        <span>{ride.vehicle === null ? msg.noCar : vehicleName(ride.vehicle)}</span>
        <span className="text-lg" role="status" aria-live="polite">
          <StateMark state={RIDE_MARK[ride.verdict]} word={RIDE_VERDICT_TEXT[ride.verdict]} size={20} />
        </span>
        <span className="ml-auto flex flex-wrap gap-2">
          <FileButton path={`/api/rides/${ride.id}/sheet.pdf`} name="ride.pdf">
            <Printer size={18} aria-hidden="true" />
            {msg.sheetForTheRide}
          </FileButton>
          {next && (
            <Link
              to={`/fittings/${next.id}`}
              className="inline-flex min-h-11 items-center rounded-[3px] border border-magenta bg-magenta px-3.5 font-semibold text-on-magenta hover:brightness-110"
            >
              {msg.goOnWith(next.childName)}
            </Link>
          )}
        </span>
      </div>
      <div className="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)] gap-3 lg:grid-cols-[21rem_minmax(0,1fr)_13rem]">
        {ride.vehicle && <RidePlan ride={ride} vehicle={ride.vehicle} />}
        <Panel title={msg.inTheOrderInWhich} fills>
          <ol className="-my-2 divide-y divide-hair">
            {ride.members.map((m, i) => (
              <MemberRow
                key={m.id}
                member={m}
                places={m.positionIds.map(place).join(' and ')}
                turn={i + 1}
                mayFit={mayFit}
                rideId={ride.id}
                onChanged={reload}
              />
            ))}
          </ol>
        </Panel>
        <Panel title={msg.gettingIn} fills>
          <ol className="list-decimal pl-5">
            {ride.loading.map(({ id: rider, past }) => (
              <li key={rider} className="py-1">
                <b>{nameOf(rider)}</b>
                {past.length > 0 && msg.past(past.map(place).join(', then '))}
              </li>
            ))}
          </ol>
          {ride.adults.length > 0 && (
            <>
              <h3 className="mt-3 font-bold">{msg.onTheSeatsThemselves}</h3>
              <ul>
                {ride.adults.map((a) => (
                  <li key={a.id}>
                    {onSeatText(a)}, {place(a.positionId)}
                  </li>
                ))}
              </ul>
            </>
          )}
        </Panel>
      </div>
    </Page>
  )
}

/** Who sits where, and how each fitting stands, from above. */
function RidePlan({ ride, vehicle }: { readonly ride: RideView; readonly vehicle: Vehicle }) {
  const plan = useMemo(() => planOf(vehicle), [vehicle])
  const seatOf = (id: string | undefined) => plan.seats.find((s) => s.position.id === id)
  const seated = ride.members.flatMap((m) => {
    const seat = seatOf(m.positionIds[0])
    return seat === undefined ? [] : [{ m, seat, second: seatOf(m.positionIds[1]) }]
  })
  return (
    <div className="flex min-h-0 flex-col">
      <CarField
        plan={plan}
        label={msg.fromAboveTheListBeside(vehicleName(vehicle))}
        drawn={seated.map(
          ({ m, seat, second }) =>
            m.direction !== null && (
              <ShellFromAbove
                key={m.id}
                id={m.id}
                seat={seat}
                second={second}
                direction={m.direction}
                stand={undefined}
                isQuiet={false}
              />
            ),
        )}
      >
        {seated.map(({ m }) => (
          <Link
            key={m.id}
            to={`/fittings/${m.id}`}
            className="absolute inline-flex min-h-11 max-w-28 -translate-x-1/2 -translate-y-1/2 items-center gap-1 rounded-full border-2 border-ink bg-sheet px-2 text-sm font-bold hover:bg-shoal"
            style={spotOn(plan, m.positionIds)}
          >
            <StateMark state={m.isOutdated ? 'stale' : VERDICT_MARK[m.verdict]} size={14} />
            <span className="truncate">{m.childName}</span>
          </Link>
        ))}
        {ride.adults.map((a) => (
          <span
            key={a.id}
            className="absolute -translate-x-1/2 -translate-y-1/2 rounded-full border border-line bg-sheet px-2 py-1 text-sm"
            style={spotOn(plan, [a.positionId])}
          >
            {onSeatText(a)}
          </span>
        ))}
      </CarField>
    </div>
  )
}

interface RowProps {
  readonly member: Member
  readonly places: string
  readonly turn: number
  readonly mayFit: boolean
  readonly rideId: string
  readonly onChanged: () => void
}

function MemberRow({ member, places, turn, mayFit, rideId, onChanged }: RowProps) {
  const { id, childName, headline, restraintName, modeLabel, verdict, isOutdated, isStale, isSigned } = member
  return (
    <li className="grid gap-x-3 gap-y-1 py-2 sm:grid-cols-[1.5rem_minmax(0,1fr)_auto]">
      <span className="text-lg font-bold">{turn}</span>
      <span className="min-w-0">
        <span className="block text-lg font-bold">
          {childName} <span className="font-normal text-ink-soft">{places || msg.noPlaceYet}</span>
        </span>
        <span className="block">
          {restraintName ?? msg.noRestraintYet}
          {modeLabel !== null && `, ${modeLabel}`}
        </span>
        <span className="flex flex-wrap gap-x-4">
          <StateMark
            state={VERDICT_MARK[verdict]}
            word={isSigned ? msg.handedOver(VERDICT_TEXT[verdict].toLowerCase()) : VERDICT_TEXT[verdict]}
          />
          {isOutdated ? (
            <StateMark state="stale" word={msg.signedBesideOthersThanRide} />
          ) : (
            isStale && <StateMark state="stale" word={msg.somethingHasToBeLooked} />
          )}
        </span>
        {verdict !== 'ready' && <span className="block text-sm text-ink-soft">{headline}</span>}
        {mayFit && !isSigned && <Own member={member} onChanged={onChanged} />}
      </span>
      <span className="flex flex-row-reverse items-start gap-1 sm:flex-col sm:items-end">
        <Link
          to={`/fittings/${id}`}
          aria-label={msg.openTheFittingOf(childName)}
          className="inline-flex min-h-11 items-center rounded-[3px] border border-ink px-3.5 font-semibold hover:bg-shoal"
        >
          {msg.open}
        </Link>
        {mayFit && !isSigned && <Alone member={member} rideId={rideId} onChanged={onChanged} />}
      </span>
    </li>
  )
}

/** One of them travels alone: asked first, for the others are looked at again after it. */
function Alone({ member, rideId, onChanged }: Pick<RowProps, 'member' | 'rideId' | 'onChanged'>) {
  const { id, childName } = member
  const [isAsked, setAsked] = useState(false)
  const leave = (): void => {
    setAsked(false)
    void api.leaveRide(rideId, id, fitterName()).then(() => {
      toast(msg.isFittedAloneNowThe(childName))
      onChanged()
    }, sayRefusal)
  }
  return (
    <>
      <Button look="quiet" aria-label={msg.travelsAlone2(childName)} onClick={() => setAsked(true)}>
        {msg.travelsAlone}
      </Button>
      <Ask
        open={isAsked}
        title={msg.travelsAlone3(childName)}
        answers={[
          { label: msg.staysInThisRide, onTake: () => setAsked(false) },
          { label: msg.travelsAlone, isMain: true, onTake: leave },
        ]}
      >
        <p>{msg.theFittingGoesOnBy}</p>
      </Ask>
    </>
  )
}

/** What is on the restraint, or set on it, that makes it wider: the others are looked at again after it. */
function Own({ member, onChanged }: { readonly member: Member; readonly onChanged: () => void }) {
  const { id, own, hasExtra, widthSettings, sequence, childName } = member
  if (!hasExtra && widthSettings.length === 0) return null
  const put = (over: Member['own']): void => {
    const value = Object.fromEntries(Object.entries({ ...own, ...over }).filter(([, v]) => v !== undefined))
    void api
      .enter(id, {
        id: v4(),
        base: sequence,
        own: [],
        who: fitterName(),
        puts: [{ path: ['ride', 'own'], value }],
      })
      .then(onChanged, (error: unknown) => {
        sayRefusal(error)
        onChanged()
      })
  }
  return (
    <span className="flex flex-wrap items-center gap-x-4">
      {hasExtra && (
        <CheckBox
          checked={own.isExtraOff !== true}
          onChange={(isOn) => put({ isExtraOff: isOn ? undefined : true })}
          label={msg.cupHolderOrPodOf(childName)}
        >
          {msg.cupHolderOrPodIs}
        </CheckBox>
      )}
      {widthSettings.length > 0 && (
        <Choices
          legend={msg.widthSetFor(childName)}
          value={own.outsideMm === undefined ? undefined : String(own.outsideMm)}
          options={widthSettings.map((w) => ({ id: String(w.outsideMm), label: msg.mm(w.label, w.outsideMm) }))}
          onChoose={(mm) => put({ outsideMm: Number(mm) })}
        />
      )}
    </span>
  )
}
