import type { Quantity } from '@nimble-anchor/core/quantities'
import type { SeatingPosition } from '@nimble-anchor/core/vehicle'
import { useFitting } from '../../session/fitting.ts'
import { Panel } from '../../ui/Panel.tsx'
import { SelectField } from '../../ui/SelectField.tsx'
import * as msg from './messages.en.ts'

interface Props {
  readonly position: SeatingPosition
  readonly isSigned: boolean
}

const UNKNOWN = { id: '', label: msg.notKnown }
const GROUPS = ['0', '0+', 'I', 'II', 'III'] as const
type Option = { readonly id: string; readonly label: string }

const FLOOR: readonly Option[] = [
  { id: 'solid', label: msg.solid },
  { id: 'box-not-allowed', label: msg.storageBoxMayNotBear },
  { id: 'box-allowed-when-propped', label: msg.storageBoxAllowedFilledOr },
  { id: 'none', label: msg.noFloorForALeg },
]
const BELT: readonly Option[] = [
  { id: 'three-point', label: msg.threePoint },
  { id: 'lap', label: msg.lapOnly },
  { id: 'none', label: msg.none },
]
const BARS: readonly Option[] = [
  { id: 'visible', label: msg.yesVisible },
  { id: 'recessed', label: msg.yesRecessed },
  { id: 'none', label: msg.none },
]
const TETHER: readonly Option[] = [
  { id: 'seat-back', label: msg.seatBack },
  { id: 'shelf', label: msg.shelf },
  { id: 'load-floor', label: msg.loadFloor },
  { id: 'roof', label: msg.roof },
  { id: 'under-seat', label: msg.underTheSeat },
  { id: 'none', label: msg.noneRingsAreForLuggage },
]
const AIRBAG: readonly Option[] = [
  { id: 'none', label: msg.none },
  { id: 'can-be-switched-off', label: msg.canBeSwitchedOff },
  { id: 'cannot-be-switched-off', label: msg.cannotBeSwitchedOff },
  { id: 'automatic', label: msg.switchesItselfByWeight },
]
const RETRACTOR: readonly Option[] = [
  { id: 'emergency-locking', label: msg.locksOnlyInACrash },
  { id: 'switchable', label: msg.switchablePulledRightOutIt },
  { id: 'static', label: msg.staticTightenedByHand },
]
const HEAD_RESTRAINT: readonly Option[] = ['none', 'removable', 'adjustable', 'fixed'].map((id) => ({ id, label: id }))
const SLIDES: readonly Option[] = [
  { id: 'no', label: msg.no },
  { id: 'free', label: msg.yesTheHandbookAsksFor },
  { id: 'back', label: msg.yesFullyBackSaysThe },
]
const FACING: readonly Option[] = [
  { id: 'forward', label: msg.forward },
  { id: 'rearward', label: msg.rearward },
  { id: 'sideways', label: msg.toTheSide },
]
const AIRBAG_WORD: readonly Option[] = ['on', 'off', 'either'].map((id) => ({ id, label: id }))
const YES_NO: readonly Option[] = [
  { id: 'yes', label: msg.yes },
  { id: 'no', label: msg.no },
]
const POINT: readonly Option[] = [
  { id: 'fixed-runner', label: msg.fixedRunner },
  { id: 'moving-frame', label: msg.movingFrame },
  { id: 'ring', label: 'ring' },
  { id: 'seat-leg', label: msg.metalSeatLeg },
  { id: 'boxed-in', label: msg.boxedInNone },
]
const LETTERS = ['U', 'UF', 'L', 'B', 'X'].map((id) => ({ id, label: id }))

/** The same record without one of its facts: it is not known any more. */
function without<T extends object>(record: T, key: keyof T): Partial<T> {
  const { [key]: _gone, ...rest } = record
  return rest as Partial<T>
}
function slides(p: SeatingPosition): string | undefined {
  if (p.without?.includes('slidingTrack')) return 'no'
  const setting = p.slidingTrack?.handbookSetting
  return setting === undefined ? undefined : setting === '' ? 'free' : 'back'
}

/** The fact that each list enters; the others are letters of the handbook. */
const NEED_OF: Readonly<Record<string, string>> = {
  [msg.floorUnderALeg]: 'position.floor',
  [msg.belt]: 'position.belt',
  [msg.beltRetractor]: 'position.belt',
  [msg.isofixBars]: 'position.isofix',
  [msg.tetherAnchorage]: 'position.tether',
  [msg.frontalAirbag]: 'position.frontAirbag',
  [msg.vehicleHeadRestraint]: 'position.headRestraint',
  [msg.seatSlides]: 'position.slidingTrack',
  [msg.seatFaces]: 'position.facing',
  [msg.lowerTetherPointLeft]: 'position.lowerTetherPoints',
  [msg.lowerTetherPointRight]: 'position.lowerTetherPoints',
}

/** What is known of one place. An answer given here belongs to this fitting's car, and is judged at once. */
export function PlaceFacts({ position: p, isSigned }: Props) {
  const put = useFitting((s) => s.put)
  const set = (field: string, value: unknown): void => void put([{ path: ['vehicle', p.id, field], value }])

  function pick(label: string, value: string | undefined, options: readonly Option[], onChange: (id: string) => void) {
    return (
      <SelectField
        label={label}
        value={value ?? ''}
        options={[UNKNOWN, ...options]}
        need={NEED_OF[label] ?? 'position.handbook'}
        disabled={isSigned}
        onChange={onChange}
      />
    )
  }
  /** A record whose deciding field may be unknown: unknown takes the whole record away. */
  const setKey = (field: string, key: string, record: object | undefined) => (id: string) =>
    set(field, id === '' ? null : { ...record, [key]: id })
  const point = (side: 'left' | 'right') => p.lowerTetherPoints?.find((x) => x.side === side)?.kind
  const setPoint = (side: 'left' | 'right') => (id: string) => {
    const rest = (p.lowerTetherPoints ?? []).filter((x) => x.side !== side)
    const next = id === '' ? rest : [...rest, { kind: id, side }]
    set('lowerTetherPoints', next.length === 0 ? null : next)
  }
  const handbook = p.handbook ?? {}
  const setHandbook = (change: object): void => set('handbook', { ...handbook, ...change })
  const setGroup = (group: (typeof GROUPS)[number]) => (id: string) => {
    const { [group]: _old, ...rest } = handbook.beltGroups ?? {}
    setHandbook({ beltGroups: id === '' ? rest : { ...rest, [group]: id } })
  }
  const setSlides = (id: string): void => {
    const others = (p.without ?? []).filter((part) => part !== 'slidingTrack')
    const value = id === 'no' ? [...others, 'slidingTrack'] : others
    put([
      {
        path: ['vehicle', p.id, 'slidingTrack'],
        value:
          id === 'free' || id === 'back'
            ? { ...p.slidingTrack, handbookSetting: id === 'back' ? msg.fullyBackUnderARestraint : '' }
            : null,
      },
      { path: ['vehicle', p.id, 'without'], value: value.length === 0 ? null : value },
    ])
  }
  const setLetter = (key: 'isofix' | 'iSize' | 'forwardAirbag') => (id: string) => {
    const { [key]: _old, ...rest } = handbook
    set('handbook', id === '' ? rest : { ...rest, [key]: id })
  }

  return (
    <Panel title={msg.whatIsKnownOf(p.label)}>
      {p.note !== undefined && <p className="mb-3 border-l-4 border-buff pl-3">{p.note}</p>}
      <div className="grid gap-3 sm:grid-cols-2 xl:grid-cols-3">
        {pick(msg.floorUnderALeg, p.floor?.kind, FLOOR, setKey('floor', 'kind', p.floor))}
        {pick(msg.belt, p.belt?.kind, BELT, setKey('belt', 'kind', p.belt))}
        {pick(msg.isofixBars, p.isofix?.bars, BARS, setKey('isofix', 'bars', p.isofix))}
        {pick(msg.tetherAnchorage, p.tether?.where, TETHER, setKey('tether', 'where', p.tether))}
        {pick(msg.frontalAirbag, p.frontAirbag, AIRBAG, (id) => set('frontAirbag', id === '' ? null : id))}
        {pick(
          msg.beltRetractor,
          p.belt?.retractor,
          RETRACTOR,
          (id) => p.belt && set('belt', id === '' ? without(p.belt, 'retractor') : { ...p.belt, retractor: id }),
        )}
        {pick(msg.vehicleHeadRestraint, p.headRestraint, HEAD_RESTRAINT, (id) =>
          set('headRestraint', id === '' ? null : id),
        )}
        {pick(msg.seatSlides, slides(p), SLIDES, setSlides)}
        {pick(msg.seatFaces, p.facing, FACING, (id) => set('facing', id === '' ? null : id))}
        {p.row === 1 &&
          pick(msg.handbookAirbagBeforeAForward, handbook.forwardAirbag, AIRBAG_WORD, setLetter('forwardAirbag'))}
        {p.frontAirbag === 'automatic' &&
          pick(
            msg.handbookCutOffByWeight,
            handbook.automaticCutOffCounts === undefined ? undefined : handbook.automaticCutOffCounts ? 'yes' : 'no',
            YES_NO,
            (id) =>
              set(
                'handbook',
                id === ''
                  ? without(handbook, 'automaticCutOffCounts')
                  : { ...handbook, automaticCutOffCounts: id === 'yes' },
              ),
          )}
        {pick(msg.lowerTetherPointLeft, point('left'), POINT, setPoint('left'))}
        {pick(msg.lowerTetherPointRight, point('right'), POINT, setPoint('right'))}
      </div>
      <h3 className="mt-4 mb-1 font-bold">{msg.handbookLetters}</h3>
      <div className="grid grid-cols-2 gap-2 sm:grid-cols-4">
        {GROUPS.map((g) => (
          <div key={g}>{pick(`Group ${g}`, handbook.beltGroups?.[g], LETTERS, setGroup(g))}</div>
        ))}
        {pick(
          'ISOFIX',
          handbook.isofix,
          ['IUF', 'IL', 'X'].map((id) => ({ id, label: id })),
          setLetter('isofix'),
        )}
        {pick(
          'i-Size',
          handbook.iSize,
          ['i-U', 'i-UF', 'X'].map((id) => ({ id, label: id })),
          setLetter('iSize'),
        )}
      </div>
      {handbook.fixtures !== undefined && (
        <p className="mt-2 text-sm text-ink-soft">
          {msg.envelopesListed}
          {handbook.fixtures.length === 0 ? msg.none : handbook.fixtures.join(', ')}
        </p>
      )}
    </Panel>
  )
}

/** Keeps one measured value of the cushion. */
export const cushionPut = (
  p: SeatingPosition,
  key: 'slopeDeg' | 'frontEdgeAboveFloorMm',
  quantity: Quantity | null,
) => {
  const { [key]: _old, ...rest } = p.cushion ?? {}
  return { path: ['vehicle', p.id, 'cushion'], value: quantity === null ? rest : { ...rest, [key]: quantity } }
}
