import { type Changed } from '@nimble-anchor/core/casefile'
import { answerLabel, answerOf, CHECKS, type CheckId, optionLabel, checkLabel } from '@nimble-anchor/core/checks'
import { DISTURBANCE_TEXT, type Disturbance } from '@nimble-anchor/core/readings'
import { formatInterval, toInterval, type Quantity } from '@nimble-anchor/core/quantities'

const FIELD: Record<string, string> = {
  massKg: 'Mass',
  statureCm: 'Stature',
  seatedShoulderHeightMm: 'Seated shoulder height',
  sittingHeightMm: 'Sitting height',
  dateOfBirth: 'Day of birth',
  birthMassKg: 'Mass at birth',
  advice: 'A specialist’s advice',
  identity: 'The same child, or another',
  journeyMinutes: 'Journey ahead, minutes',
  childChanged: 'A measure changed by more than it was uncertain',
  redone: 'A bad check was put right',
  takenAway: 'A bad note was taken away',
  ageMonths: 'Age',
  bornAtWeeks: 'Weeks of pregnancy',
  sex: 'Sex',
  weighedIn: 'Weighed in',
  measuredIn: 'Measured in',
  headControl: 'Head control',
  needsPostureSpecialist: 'Medical posture needs',
  recline: 'Recline',
  legNotch: 'Leg notch',
  strapHeightMm: 'Strap height',
  wedge: 'Wedge',
  insertsIn: 'Inserts in',
  vehicleHeadRestraint: 'Vehicle head restraint',
  frontSeatGapMm: 'Seat in front, from the backrest',
  slideMm: 'Shell slid on its base',
  choice: 'Choice',
  restraints: 'Restraints considered',
  units: 'Units considered',
  vehicle: 'Car',
  practice: 'Practice',
  localRule: 'Local rule',
  today: 'Judged for',
  handover: 'Signed',
}
const UNIT: Record<string, string> = { massKg: 'kg', statureCm: 'cm', ageMonths: 'months' }

const isObject = (x: unknown): x is Record<string, unknown> => typeof x === 'object' && x !== null

/** "10.4 ± 0.1 kg, told": where a value came from, unless it was measured. */
const quantityText = (q: Quantity, unit: string): string | undefined => {
  const range = toInterval(q)
  if (!range) return undefined
  return `${formatInterval(range, unit).trim()}${q.source === 'measured' ? '' : `, ${q.source}`}`
}

/** One value of the history in words. */
function valueText(path: readonly string[], value: unknown): string {
  if (value === null || value === undefined) return 'nothing'
  if (Array.isArray(value))
    return value.length === 0
      ? 'none'
      : value.map((v) => (isObject(v) ? String(v.name ?? v.serial ?? v.id) : String(v))).join(', ')
  if (typeof value === 'boolean') return value ? 'yes' : 'no'
  if (!isObject(value)) return String(value)
  const last = path.at(-1) ?? ''
  if (path[0] === 'readings') {
    const id = last as CheckId
    const check = CHECKS[id]
    if (typeof value.option === 'string') return optionLabel(id, value.option)
    if (typeof value.before === 'string') return `before latching ${optionLabel(id, value.before)}`
    const number = value.number as Quantity | undefined
    const answer = answerOf(id, number)
    if (answer !== undefined) return answerLabel(id, answer)
    return (number && check.kind === 'number' && quantityText(number, check.unit)) || 'nothing'
  }
  if (path[0] === 'choice')
    return [value.modelId, value.modeId, value.positionId, value.routeId].filter(Boolean).join(' · ') || 'nothing'
  if (path[0] === 'practice' || path[0] === 'localRule') return String(value.name)
  if (path[0] === 'handover')
    return `${String(value.fitterName)}, ${String(value.carerName)}${'againstAdvice' in value ? ', against advice' : ''}`
  if ('value' in value && !('source' in value)) return valueText(path, value.value)
  const unit = UNIT[last] ?? (last.endsWith('Mm') ? 'mm' : '')
  const quantity = 'source' in value ? quantityText(value as unknown as Quantity, unit) : undefined
  if (quantity !== undefined) return quantity
  if ('kind' in value) return String(value.kind)
  if ('model' in value) return `${String(value.maker)} ${String(value.model)}`
  return Object.values(value)
    .filter((v) => !isObject(v))
    .map(String)
    .join(' ')
}

const isDisturbance = (id: string): id is Disturbance => Object.hasOwn(DISTURBANCE_TEXT, id)
const isCheck = (id: string): id is CheckId => Object.hasOwn(CHECKS, id)

/** "Mass": what an entry is about. */
export function putName({ path }: Pick<Changed, 'path'>): string {
  const last = path.at(-1) ?? ''
  return path[0] === 'readings' && isCheck(last) ? checkLabel(last) : (FIELD[last] ?? last)
}

/** "Mass: nothing, now 10.4 ± 0.1 kg". */
export function changeText({ path, from, to }: Changed): string {
  const last = path.at(-1) ?? ''
  if (path[0] === 'stepsDone')
    return `${to === null ? 'No longer noted as done' : 'Done'}: step ${last.replaceAll('-', ' ')}`
  if (path[0] === 'disturbances')
    return `${to === null ? 'No longer noted' : 'Noted'}: ${isDisturbance(last) ? DISTURBANCE_TEXT[last] : last}`
  const name = FIELD[last] ?? (isCheck(last) ? checkLabel(last) : last)
  if (path[0] === 'redone')
    return to === null
      ? `${name}: no longer counts as put right`
      : `${name}: was bad and put right, so what hangs on it is looked at again`
  if (path[0] === 'takenAway') return to === null ? `${name}: noted again` : `${name}: the bad note is remembered`
  if (path[0] === 'childChanged')
    return to === null ? `${name}: back as it was` : `${name}: changed, so what rests on it is looked at again`
  const title = path[0] === 'readings' ? checkLabel(last as CheckId) : (FIELD[last] ?? last)
  return `${title}: ${valueText(path, from)}, now ${valueText(path, to)}`
}
