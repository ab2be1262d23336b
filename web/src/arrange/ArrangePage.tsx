import { VehicleId } from '@nimble-anchor/core/ground'
import { factText, whyNotThereText, type ArrangeResult } from '@nimble-anchor/core/arrange'
import { Undo2 } from 'lucide-react'
import { useEffect, useMemo, useState } from 'react'
import { Link, useLocation, useNavigate, useSearchParams } from 'react-router'
import { toast } from 'sonner'
import { familiesAsked, familyAsked } from '../session/families.ts'
import { healthAsked } from '../session/health.ts'
import { ON_OPENING, useAnswer } from '../session/queries.ts'
import { api } from '../session/api.ts'
import { useCatalogue } from '../session/catalogue.ts'
import { usePractice } from '../session/practice.ts'
import { fitterName } from '../session/preferences.ts'
import { useDay } from '../session/today.ts'
import { useMay } from '../session/who.ts'
import { Button } from '../ui/Button.tsx'
import { Missing } from '../ui/Missing.tsx'
import { Page } from '../ui/Page.tsx'
import { sayRefusal } from '../ui/refusal.ts'
import { SelectField } from '../ui/SelectField.tsx'
import { StateMark } from '../ui/StateMark.tsx'
import { Answers } from './Answers.tsx'
import { ArrangePlan } from './ArrangePlan.tsx'
import { OrderStrip } from './OrderStrip.tsx'
import { VERDICT_STATE, VERDICT_WORD } from './places.ts'
import { askedIn, beginningOf, namesOf, requestOf, textOf, type Asked, type Known } from './question.ts'
import { RiderMenu, seatedAt } from './RiderMenu.tsx'
import { answerText, ridersOf } from './riders.ts'
import { Rows } from './Rows.tsx'
import { useArranger } from './useArranger.ts'
import * as msg from './messages.en.ts'

const POOL = ''

/** A whole family in one car: who sits where, in what, proven; asked of a family, or of a child's family. */
export default function ArrangePage() {
  const [search] = useSearchParams()
  const childId = search.get('child')
  const families = useAnswer({ ...familiesAsked, enabled: childId !== null })
  const familyId =
    search.get('family') ?? families.data?.find((f) => f.children.some((c) => c.id === childId))?.id ?? undefined
  const family = useAnswer({ ...familyAsked(familyId ?? ''), enabled: familyId !== undefined })
  const health = useAnswer(healthAsked)
  const { catalogue } = useCatalogue(ON_OPENING)
  const { book } = usePractice(ON_OPENING)
  useEffect(() => {
    document.title = msg.arrangeNimbleAnchor
  }, [])
  const today = health.data?.today
  const children = family.data?.children
  const known = useMemo(
    (): Known | undefined =>
      catalogue === null || book === null || today === undefined || children === undefined
        ? undefined
        : { today, children, catalogue, book },
    [catalogue, book, today, children],
  )
  if (familyId === undefined && !families.isLoading)
    return <Missing title={msg.chooseAFamilyToArrange} to="/families" label={msg.allFamilies} />
  if (family.isError) return <Missing title={msg.thereIsNoSuchFamily} to="/families" label={msg.allFamilies} />
  if (known === undefined) return <p className="p-8 text-ink-soft">{msg.loading}</p>
  if (known.children.length === 0)
    return <Missing title={msg.noChildOfThisFamily} to={`/families/${familyId ?? ''}`} label={msg.theFamily} />
  if ((known.catalogue.vehicles ?? []).length === 0)
    return <Missing title={msg.noCarIsKnownYet} to="/vehicles" label={msg.vehicles} />
  return <Arranging known={known} familyId={familyId ?? ''} familyName={family.data?.name ?? ''} />
}

interface Props {
  readonly known: Known
  readonly familyId: string
  readonly familyName: string
}

function Arranging({ known, familyId, familyName }: Props) {
  const [search] = useSearchParams()
  const location = useLocation()
  const navigate = useNavigate()
  const text = search.get('ask')
  const asked = useMemo(() => askedIn(text), [text])
  const depth = (location.state as { depth?: number } | null)?.depth ?? 0
  const ask = (next: Asked): void => {
    const params = new URLSearchParams(search)
    params.set('ask', textOf(next))
    void navigate({ search: params.toString() }, { state: { depth: depth + 1 } })
  }
  const vehicles = useMemo(() => known.catalogue.vehicles ?? [], [known])
  const own = vehicles.find((v) => v.id === asked.vehicleId)
  const request = useMemo(
    () => requestOf(asked, known, own === undefined ? vehicles : [own]),
    [asked, known, own, vehicles],
  )
  const pool = useMemo(
    () => (own === undefined ? undefined : requestOf(asked, known, vehicles)),
    [asked, known, own, vehicles],
  )
  const { working, isPoolRunning, stop, answers, carry, putDown } = useArranger(request, pool)
  const [chosen, setChosen] = useState(0)
  const [isBeginning, setBeginning] = useState(false)
  const mayFit = useMay('lead', 'fitter', 'trainee')
  const visits = useDay((d) => d.visits)
  const { result } = working
  const [before, setBefore] = useState(result)
  if (before !== result) {
    setBefore(result)
    setChosen(0)
  }
  // Pins are called by their turn in the question that was answered, which leaves out those that do not apply.
  const answeredPins = working.request?.pins
  const names = useMemo(() => namesOf(asked, known, answeredPins), [asked, known, answeredPins])
  const arrangement = result?.arrangements[chosen] ?? result?.without?.arrangement
  const vehicle = vehicles.find((v) => v.id === arrangement?.vehicleId) ?? own ?? vehicles[0]
  const models = useMemo(() => new Map((known.catalogue.models ?? []).map((m) => [m.id, m])), [known])
  const shelfModels = (known.catalogue.models ?? []).filter((m) =>
    known.catalogue.units?.some((u) => u.modelId === m.id),
  )
  if (vehicle === undefined) return null

  const riders = ridersOf(request, asked, arrangement)
  const labelOf = (id: string): string => vehicle.positions.find((p) => p.id === id)?.label ?? id
  const sayOf = (positionId: string): string | undefined => {
    const answer = answers.get(positionId)
    return answer && answerText(answer, vehicle.id, names)
  }
  const drop = (riderId: string, positionId: string): void => {
    const answer = answers.get(positionId)
    const rider = riders.find((r) => r.id === riderId)
    if (answer?.verdict === 'does-not-fit') {
      toast.error(msg.cannotSitAt(rider?.name ?? '', labelOf(positionId)), {
        description: answer.why === undefined ? undefined : whyNotThereText(answer.why, vehicle.id, names),
      })
      return
    }
    if (rider?.positionIds.includes(positionId) && rider.isPinned) return
    ask(seatedAt(asked, riderId, vehicle.id, positionId))
  }
  const isRunning = working.status === 'running'
  async function begin(): Promise<void> {
    if (arrangement === undefined) return
    setBeginning(true)
    try {
      const ride = await api.beginRide(beginningOf(arrangement, asked, visits ?? [], fitterName()))
      void navigate(`/rides/${ride.id}`)
    } catch (error) {
      sayRefusal(error)
      setBeginning(false)
    }
  }
  const leftOut = request.children.filter((c) => arrangement?.seats.every((s) => s.childId !== c.id)).map((c) => c.name)
  // A row where nobody but the driver sits has nothing to show.
  const isChild = new Set(request.children.map((c) => c.id))
  const row = arrangement?.rows.filter(
    (r) => r.state === 'possible' || r.stands.some((s) => isChild.has(s.riderId)) || r.stands.length > 1,
  )
  return (
    <Page hasVerdicts>
      <div className="mb-2 flex shrink-0 flex-wrap items-center gap-x-4 gap-y-2 lg:flex-nowrap">
        <h1 className="text-2xl font-bold tracking-tight">{msg.arrange}</h1>
        <Link to={`/families/${familyId}`} className="inline-flex min-h-11 items-center underline underline-offset-4">
          {familyName}
        </Link>
        <SelectField
          label={msg.car}
          hidesLabel
          className="w-60"
          value={asked.vehicleId ?? POOL}
          options={[
            { id: POOL, label: msg.theBestCarOfThe },
            ...vehicles.map((v) => ({ id: v.id, label: names.car(v.id) })),
          ]}
          onChange={(id) => ask({ ...asked, vehicleId: id === POOL ? undefined : VehicleId(id) })}
        />
        <div
          className="order-last min-w-0 basis-full leading-tight lg:order-none lg:flex-1 lg:basis-0"
          role="status"
          aria-live="polite"
        >
          {working.status === 'failed' ? (
            <p className="text-fail">{msg.itCouldNotBeWorked}</p>
          ) : isRunning ? (
            <p className="text-lg text-ink-soft">{msg.beingWorkedOut2}</p>
          ) : (
            result && (
              <>
                <p className="text-lg">
                  <StateMark state={VERDICT_STATE[result.verdict]} word={verdictText(result)} size={20} />
                </p>
                {result.measureNext && (
                  <p className="truncate text-sm">{msg.next(factText(result.measureNext, names))}</p>
                )}
              </>
            )
          )}
        </div>
        <Button className="ml-auto" disabled={depth === 0} onClick={() => void navigate(-1)}>
          <Undo2 size={18} aria-hidden="true" />
          {msg.undo}
        </Button>
        {arrangement && mayFit && (
          <div className="max-lg:fixed max-lg:inset-x-0 max-lg:bottom-0 max-lg:z-30 max-lg:border-t max-lg:border-line max-lg:bg-paper max-lg:p-2">
            <Button
              className="max-lg:w-full"
              // Where not all of them fit, what mends that is the next thing to do.
              look={leftOut.length > 0 ? 'plain' : 'main'}
              disabled={isRunning || isBeginning}
              onClick={() => void begin()}
            >
              {leftOut.length > 0
                ? msg.beginWithout(leftOut.join(' and '))
                : arrangement.seats.length === 1
                  ? msg.beginThisFitting
                  : msg.beginTheseFittings}
            </Button>
          </div>
        )}
      </div>
      <div
        aria-busy={isRunning}
        className="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)] gap-3 lg:grid-cols-[20rem_minmax(0,1fr)]"
      >
        <ArrangePlan
          vehicle={vehicle}
          riders={riders}
          arrangement={arrangement}
          models={models}
          takenIds={new Set(asked.taken.filter((t) => t.vehicleId === vehicle.id).map((t) => t.positionId))}
          answers={answers}
          sayOf={sayOf}
          onCarry={(id) => carry(vehicle.id, id)}
          onPutDown={putDown}
          onDrop={drop}
          menuOf={(rider, trigger) => (
            <RiderMenu
              rider={rider}
              vehicleId={vehicle.id}
              placeLabel={labelOf}
              asked={asked}
              onAsk={ask}
              models={shelfModels}
              others={request.children.length - 1}
              trigger={trigger}
            />
          )}
        />
        <div className="flex min-h-0 flex-col gap-3">
          <Answers
            working={working}
            isPoolRunning={isPoolRunning}
            onStop={stop}
            chosen={chosen}
            onChoose={setChosen}
            names={names}
            asked={asked}
            onAsk={ask}
            known={known}
            vehicle={vehicle}
            hasOneCar={own !== undefined}
          />
          {arrangement && row && row.length > 0 && (
            <Rows
              key={`${vehicle.id} ${row.map((r) => r.row).join(' ')}`}
              rows={row}
              vehicle={vehicle}
              names={names}
              isChild={(id) => isChild.has(id)}
            />
          )}
          {arrangement && (
            <div className="shrink-0">
              <OrderStrip arrangement={arrangement} vehicle={vehicle} names={names} />
            </div>
          )}
        </div>
      </div>
    </Page>
  )
}

const verdictText = ({ verdict, proof, arrangements }: ArrangeResult): string =>
  [
    VERDICT_WORD[verdict],
    ...(arrangements.length === 0 ? [] : [proof === 'best' ? msg.provenBest : msg.bestFoundSoFar]),
  ].join(', ')
