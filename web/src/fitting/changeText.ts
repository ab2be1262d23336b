import { type Changed } from '@nimble-anchor/core/casefile'
import { answerLabel, answerOf, CHECKS, type CheckId, optionLabel, checkLabel } from '@nimble-anchor/core/checks'
import { DISTURBANCE_TEXT, type Disturbance } from '@nimble-anchor/core/readings'
import { formatInterval, toInterval, type Quantity } from '@nimble-anchor/core/quantities'
import * as msg from './messages.en.ts'

const FIELD: Record<string, string> = {
  massKg: msg.mass,
  statureCm: msg.stature,
  seatedShoulderHeightMm: msg.seatedShoulderHeight,
  sittingHeightMm: msg.sittingHeight,
  dateOfBirth: msg.dayOfBirth,
  birthMassKg: msg.massAtBirth,
  advice: msg.aSpecialistsAdvice,
  identity: msg.theSameChildOrAnother,
  journeyMinutes: msg.journeyAheadMinutes,
  childChanged: msg.aMeasureChangedByMore,
  redone: msg.aBadCheckWasPut,
  takenAway: msg.aBadNoteWasTaken,
  ageMonths: msg.age,
  bornAtWeeks: msg.weeksOfPregnancy,
  sex: msg.sex,
  weighedIn: msg.weighedIn,
  measuredIn: msg.measuredIn,
  headControl: msg.headControl,
  needsPostureSpecialist: msg.medicalPostureNeeds,
  recline: msg.recline,
  legNotch: msg.legNotch,
  strapHeightMm: msg.strapHeight,
  wedge: msg.wedge,
  insertsIn: msg.insertsIn,
  vehicleHeadRestraint: msg.vehicleHeadRestraint,
  frontSeatGapMm: msg.seatInFrontFromThe,
  slideMm: msg.shellSlidOnItsBase,
  choice: msg.choice,
  restraints: msg.restraintsConsidered,
  units: msg.unitsConsidered,
  vehicle: msg.car,
  practice: msg.practice,
  localRule: msg.localRule,
  today: msg.judgedFor,
  handover: msg.signed,
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
    if (typeof value.before === 'string') return msg.beforeLatching(optionLabel(id, value.before))
    const number = value.number as Quantity | undefined
    const answer = answerOf(id, number)
    if (answer !== undefined) return answerLabel(id, answer)
    return (number && check.kind === 'number' && quantityText(number, check.unit)) || 'nothing'
  }
  if (path[0] === 'choice')
    return [value.modelId, value.modeId, value.positionId, value.routeId].filter(Boolean).join(' · ') || 'nothing'
  if (path[0] === 'practice' || path[0] === 'localRule') return String(value.name)
  if (path[0] === 'handover')
    return `${String(value.fitterName)}, ${String(value.carerName)}${'againstAdvice' in value ? msg.againstAdvice : ''}`
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
    return msg.step(to === null ? msg.noLongerNotedAsDone : msg.done, last.replaceAll('-', ' '))
  if (path[0] === 'disturbances')
    return `${to === null ? msg.noLongerNoted : msg.noted}: ${isDisturbance(last) ? DISTURBANCE_TEXT[last] : last}`
  const name = FIELD[last] ?? (isCheck(last) ? checkLabel(last) : last)
  if (path[0] === 'redone') return to === null ? msg.noLongerCountsAsPut(name) : msg.wasBadAndPutRight(name)
  if (path[0] === 'takenAway') return to === null ? msg.notedAgain(name) : msg.theBadNoteIsRemembered(name)
  if (path[0] === 'childChanged') return to === null ? msg.backAsItWas(name) : msg.changedSoWhatRestsOn(name)
  const title = path[0] === 'readings' ? checkLabel(last as CheckId) : (FIELD[last] ?? last)
  return msg.now(title, valueText(path, from), valueText(path, to))
}
