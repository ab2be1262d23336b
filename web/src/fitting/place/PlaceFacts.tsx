import type { Quantity } from '@nimble-anchor/core/quantities'
import type { SeatingPosition } from '@nimble-anchor/core/vehicle'
import { useFitting } from '../../session/fitting.ts'
import { Panel } from '../../ui/Panel.tsx'
import { SelectField } from '../../ui/SelectField.tsx'

interface Props {
  readonly position: SeatingPosition
  readonly isSigned: boolean
}

const UNKNOWN = { id: '', label: 'not known' }
const GROUPS = ['0', '0+', 'I', 'II', 'III'] as const
type Option = { readonly id: string; readonly label: string }

const FLOOR: readonly Option[] = [
  { id: 'solid', label: 'solid' },
  { id: 'box-not-allowed', label: 'storage box, may not bear a leg' },
  { id: 'box-allowed-when-propped', label: 'storage box, allowed filled or propped' },
  { id: 'none', label: 'no floor for a leg' },
]
const BELT: readonly Option[] = [
  { id: 'three-point', label: 'three-point' },
  { id: 'lap', label: 'lap only' },
  { id: 'none', label: 'none' },
]
const BARS: readonly Option[] = [
  { id: 'visible', label: 'yes, visible' },
  { id: 'recessed', label: 'yes, recessed' },
  { id: 'none', label: 'none' },
]
const TETHER: readonly Option[] = [
  { id: 'seat-back', label: 'seat back' },
  { id: 'shelf', label: 'shelf' },
  { id: 'load-floor', label: 'load floor' },
  { id: 'roof', label: 'roof' },
  { id: 'under-seat', label: 'under the seat' },
  { id: 'none', label: 'none: rings are for luggage' },
]
const AIRBAG: readonly Option[] = [
  { id: 'none', label: 'none' },
  { id: 'can-be-switched-off', label: 'can be switched off' },
  { id: 'cannot-be-switched-off', label: 'cannot be switched off' },
  { id: 'automatic', label: 'switches itself by weight' },
]
const RETRACTOR: readonly Option[] = [
  { id: 'emergency-locking', label: 'locks only in a crash' },
  { id: 'switchable', label: 'switchable: pulled right out it ratchets' },
  { id: 'static', label: 'static: tightened by hand' },
]
const HEAD_RESTRAINT: readonly Option[] = ['none', 'removable', 'adjustable', 'fixed'].map((id) => ({ id, label: id }))
const SLIDES: readonly Option[] = [
  { id: 'no', label: 'no' },
  { id: 'free', label: 'yes; the handbook asks for no setting' },
  { id: 'back', label: 'yes; fully back, says the handbook' },
]
const FACING: readonly Option[] = [
  { id: 'forward', label: 'forward' },
  { id: 'rearward', label: 'rearward' },
  { id: 'sideways', label: 'to the side' },
]
const AIRBAG_WORD: readonly Option[] = ['on', 'off', 'either'].map((id) => ({ id, label: id }))
const YES_NO: readonly Option[] = [
  { id: 'yes', label: 'yes' },
  { id: 'no', label: 'no' },
]
const POINT: readonly Option[] = [
  { id: 'fixed-runner', label: 'fixed runner' },
  { id: 'moving-frame', label: 'moving frame' },
  { id: 'ring', label: 'ring' },
  { id: 'seat-leg', label: 'metal seat leg' },
  { id: 'boxed-in', label: 'boxed in: none' },
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
  'Floor under a leg': 'position.floor',
  Belt: 'position.belt',
  'Belt retractor': 'position.belt',
  'ISOFIX bars': 'position.isofix',
  'Tether anchorage': 'position.tether',
  'Frontal airbag': 'position.frontAirbag',
  'Vehicle head restraint': 'position.headRestraint',
  'Seat slides': 'position.slidingTrack',
  'Seat faces': 'position.facing',
  'Lower tether point, left': 'position.lowerTetherPoints',
  'Lower tether point, right': 'position.lowerTetherPoints',
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
            ? { ...p.slidingTrack, handbookSetting: id === 'back' ? 'Fully back under a restraint.' : '' }
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
    <Panel title={`What is known of ${p.label}`}>
      {p.note !== undefined && <p className="mb-3 border-l-4 border-buff pl-3">{p.note}</p>}
      <div className="grid gap-3 sm:grid-cols-2 xl:grid-cols-3">
        {pick('Floor under a leg', p.floor?.kind, FLOOR, setKey('floor', 'kind', p.floor))}
        {pick('Belt', p.belt?.kind, BELT, setKey('belt', 'kind', p.belt))}
        {pick('ISOFIX bars', p.isofix?.bars, BARS, setKey('isofix', 'bars', p.isofix))}
        {pick('Tether anchorage', p.tether?.where, TETHER, setKey('tether', 'where', p.tether))}
        {pick('Frontal airbag', p.frontAirbag, AIRBAG, (id) => set('frontAirbag', id === '' ? null : id))}
        {pick(
          'Belt retractor',
          p.belt?.retractor,
          RETRACTOR,
          (id) => p.belt && set('belt', id === '' ? without(p.belt, 'retractor') : { ...p.belt, retractor: id }),
        )}
        {pick('Vehicle head restraint', p.headRestraint, HEAD_RESTRAINT, (id) =>
          set('headRestraint', id === '' ? null : id),
        )}
        {pick('Seat slides', slides(p), SLIDES, setSlides)}
        {pick('Seat faces', p.facing, FACING, (id) => set('facing', id === '' ? null : id))}
        {p.row === 1 &&
          pick(
            'Handbook: airbag before a forward child',
            handbook.forwardAirbag,
            AIRBAG_WORD,
            setLetter('forwardAirbag'),
          )}
        {p.frontAirbag === 'automatic' &&
          pick(
            'Handbook: cut-off by weight counts as off',
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
        {pick('Lower tether point, left', point('left'), POINT, setPoint('left'))}
        {pick('Lower tether point, right', point('right'), POINT, setPoint('right'))}
      </div>
      <h3 className="mt-4 mb-1 font-bold">Handbook letters</h3>
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
          Envelopes listed: {handbook.fixtures.length === 0 ? 'none' : handbook.fixtures.join(', ')}
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
