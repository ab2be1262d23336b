import {
  closestCenter,
  DndContext,
  DragOverlay,
  KeyboardSensor,
  MouseSensor,
  pointerWithin,
  TouchSensor,
  useDraggable,
  useDroppable,
  useSensor,
  useSensors,
  type CollisionDetection,
} from '@dnd-kit/core'
import type { Arrangement } from '@nimble-anchor/core/arrange'
import type { RestraintModel } from '@nimble-anchor/core/restraint'
import { planOf, type SeatOnPlan, type Vehicle } from '@nimble-anchor/core/vehicle'
import { Pin, User } from 'lucide-react'
import { useMemo, useState, type ComponentProps, type ReactNode } from 'react'
import { Button } from '../ui/Button.tsx'
import { StateMark } from '../ui/StateMark.tsx'
import { CarField } from '../car/CarField.tsx'
import { fieldOf, spotOn } from '../car/field.ts'
import type { RiderOnPlan } from './riders.ts'
import { ShellFromAbove, type ShellLook } from '../car/ShellFromAbove.tsx'
import { PLACE_WORD, toNextPlace, VERDICT_STATE } from './places.ts'
import type { PlaceAnswers } from './useArranger.ts'
import * as msg from './messages.en.ts'

interface Props {
  readonly vehicle: Vehicle
  readonly riders: readonly RiderOnPlan[]
  readonly arrangement: Arrangement | undefined
  readonly models: ReadonlyMap<string, RestraintModel>
  readonly takenIds: ReadonlySet<string>
  readonly answers: PlaceAnswers
  /** What a place says to whoever is carried, in words. */
  readonly sayOf: (positionId: string) => string | undefined
  readonly onCarry: (riderId: string) => void
  readonly onPutDown: () => void
  readonly onDrop: (riderId: string, positionId: string) => void
  /** What opens from a rider: pins, and what rides with it. */
  readonly menuOf: (rider: RiderOnPlan, trigger: ReactNode) => ReactNode
}

/** The pointer's place, or for the keyboard the nearest. */
const detection: CollisionDetection = (args) =>
  args.pointerCoordinates === null ? closestCenter(args) : pointerWithin(args)

/** The car from above, to scale; children are figures that are carried onto its places. */
export function ArrangePlan(props: Props) {
  const { vehicle, riders, arrangement, models, takenIds, answers, sayOf, onCarry, onPutDown, onDrop, menuOf } = props
  const plan = useMemo(() => planOf(vehicle), [vehicle])
  const field = fieldOf(plan)
  const [carried, setCarried] = useState<RiderOnPlan>()
  const [over, setOver] = useState<string>()
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 6 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 160, tolerance: 10 } }),
    useSensor(KeyboardSensor, {
      coordinateGetter: toNextPlace,
      // Enter opens what stands behind the figure; the space bar picks it up.
      keyboardCodes: { start: ['Space'], cancel: ['Escape'], end: ['Space', 'Enter'] },
    }),
  )
  const labelOf = (id: string): string => vehicle.positions.find((p) => p.id === id)?.label ?? id
  const seatOf = (id: string): SeatOnPlan | undefined => plan.seats.find((s) => s.position.id === id)
  const seated = riders.filter((r) => r.positionIds.some((id) => seatOf(id)))
  const waiting = riders.filter((r) => !r.positionIds.some((id) => seatOf(id)))
  const looks = arrangement?.seats.flatMap((s): ShellLook[] => {
    const seat = seatOf(s.positionId)
    const mode = models.get(s.modelId ?? '')?.modes.find((m) => m.id === s.modeId)
    if (seat === undefined || mode === undefined) return []
    const second = s.secondPositionId === undefined ? undefined : seatOf(s.secondPositionId)
    const stand = arrangement.rows.flatMap((r) => r.stands).find((x) => x.riderId === s.childId)
    return [{ id: s.childId, seat, second, direction: mode.direction, stand }]
  })
  const say = over === undefined ? undefined : sayOf(over)
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={detection}
      onDragStart={({ active }) => {
        const rider = riders.find((r) => r.id === active.id)
        setCarried(rider)
        if (rider) onCarry(rider.id)
      }}
      onDragOver={({ over: at }) => setOver(at === null ? undefined : String(at.id))}
      onDragCancel={() => {
        setCarried(undefined)
        setOver(undefined)
        onPutDown()
      }}
      onDragEnd={({ active, over: at }) => {
        setCarried(undefined)
        setOver(undefined)
        if (at !== null) onDrop(String(active.id), String(at.id))
        onPutDown()
      }}
      accessibility={{
        screenReaderInstructions: {
          draggable: msg.spacePicksTheFigureUp, // prettier-ignore
        },
        announcements: {
          onDragStart: ({ active }) => msg.isCarried(riders.find((r) => r.id === active.id)?.name ?? ''),
          onDragOver: ({ over: at }) => {
            if (at === null) return msg.overNoPlace
            const answer = answers.get(String(at.id))
            return `${labelOf(String(at.id))}${answer === undefined ? '' : `: ${PLACE_WORD[answer.verdict]}`}.`
          },
          onDragEnd: ({ active, over: at }) =>
            at === null
              ? msg.putBack
              : msg.at(riders.find((r) => r.id === active.id)?.name ?? '', labelOf(String(at.id))),
          onDragCancel: () => msg.putBack,
        },
      }}
    >
      <div className="flex h-full min-h-0 flex-col">
        <CarField
          plan={plan}
          label={msg.fromAboveTheFiguresOn(vehicle.maker, vehicle.model)}
          selected={over}
          isFaint={(seat) => takenIds.has(seat.position.id)}
          drawn={
            <>
              {plan.seats
                .filter((s) => takenIds.has(s.position.id))
                .map((s) => (
                  <path
                    key={s.position.id}
                    d={`M${s.x - s.widthMm / 2 + 40} ${s.backY - s.depthMm}l${s.widthMm - 80} ${s.depthMm}m0 ${-s.depthMm}l${80 - s.widthMm} ${s.depthMm}`}
                    stroke="var(--ink-soft)"
                    strokeWidth="16"
                  />
                ))}
              {looks?.map((look) => (
                <ShellFromAbove key={look.id} {...look} isQuiet={carried !== undefined} />
              ))}
            </>
          }
        >
          {plan.seats
            .filter((s) => !s.position.isDriverSeat)
            .map((seat) => (
              <PlaceToDrop key={seat.position.id} seat={seat} field={field} />
            ))}
          {carried !== undefined &&
            plan.seats.map((seat) => {
              const answer = answers.get(seat.position.id)
              return (
                answer && (
                  <span
                    key={seat.position.id}
                    className="pointer-events-none absolute z-20 grid size-7 -translate-x-1/2 -translate-y-11 place-items-center rounded-full border border-line bg-sheet"
                    style={spotOn(plan, [seat.position.id])}
                  >
                    <StateMark state={VERDICT_STATE[answer.verdict]} size={18} />
                  </span>
                )
              )
            })}
          {seated.map((rider) => (
            <div
              key={rider.id}
              className="absolute z-10 -translate-x-1/2 -translate-y-1/2"
              style={spotOn(plan, rider.positionIds)}
            >
              {menuOf(rider, <Figure rider={rider} isCarried={carried?.id === rider.id} />)}
            </div>
          ))}
        </CarField>
        {waiting.length > 0 && (
          <div className="mt-2 flex flex-wrap items-center gap-2" aria-label={msg.notInTheCarYet} role="group">
            {waiting.map((rider) => (
              <span key={rider.id}>{menuOf(rider, <Figure rider={rider} isCarried={carried?.id === rider.id} />)}</span>
            ))}
          </div>
        )}
        <p className="mt-1 min-h-10 text-sm leading-tight text-ink-soft" aria-hidden={carried !== undefined}>
          {carried === undefined
            ? msg.carryAFigureToA
            : over === undefined
              ? msg.overNoPlace2(carried.name)
              : `${labelOf(over)}: ${say ?? msg.beingWorkedOut}`}
        </p>
      </div>
      <DragOverlay dropAnimation={null}>
        {carried && (
          <span className="inline-flex min-h-11 items-center gap-1 rounded-full border-2 border-magenta bg-sheet px-3 font-bold shadow-lg">
            {carried.name}
          </span>
        )}
      </DragOverlay>
    </DndContext>
  )
}

function PlaceToDrop({ seat, field }: { readonly seat: SeatOnPlan; readonly field: ReturnType<typeof fieldOf> }) {
  const { setNodeRef } = useDroppable({ id: seat.position.id })
  const share = (mm: number, of: number): string => `${(mm / of) * 100}%`
  return (
    <div
      ref={setNodeRef}
      className="pointer-events-none absolute"
      style={{
        left: share(seat.x - seat.widthMm / 2 - field.x, field.width),
        top: share(seat.backY - seat.depthMm - field.y, field.height),
        width: share(seat.widthMm, field.width),
        height: share(seat.depthMm + 90, field.height),
      }}
    />
  )
}

interface FigureProps extends ComponentProps<'button'> {
  readonly rider: RiderOnPlan
  readonly isCarried: boolean
}

/** Somebody who is carried onto a place: the name on it is the handle. */
function Figure({ rider, isCarried, ref, ...rest }: FigureProps) {
  const { attributes, listeners, setNodeRef } = useDraggable({ id: rider.id })
  return (
    <Button
      look="bare"
      ref={(node) => {
        setNodeRef(node)
        if (typeof ref === 'function') ref(node)
        else if (ref) ref.current = node
      }}
      {...rest}
      {...attributes}
      {...listeners}
      aria-label={rider.isPinned ? msg.pinned(rider.name) : rider.name}
      className={`inline-flex min-h-11 max-w-28 touch-manipulation items-center gap-1 rounded-full border-2 bg-sheet px-2.5 text-sm font-bold select-none hover:bg-shoal ${rider.isPinned ? 'border-magenta' : 'border-ink'} ${isCarried ? 'opacity-40' : ''}`}
    >
      {rider.isPinned && <Pin size={14} aria-hidden="true" className="shrink-0 text-magenta" />}
      {rider.kind === 'adult' && <User size={14} aria-hidden="true" className="shrink-0" />}
      <span className="truncate">{rider.name}</span>
    </Button>
  )
}
