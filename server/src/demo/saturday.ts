import { type FittingId, type IsoDate, Sequence } from '@nimble-anchor/core/ground'
import { putsForMode, putsForPlace, type Put } from '@nimble-anchor/core/casefile'
import type { CheckId } from '@nimble-anchor/core/checks'
import type { FittingView } from '@nimble-anchor/core/formats'

import { badReading, goThrough, puttingGoodReadings, Rehearsal, setUp } from '@nimble-anchor/core/rehearse'
import type { RestraintModel, RestraintUnit } from '@nimble-anchor/core/restraint'
import type { BeginJob } from '../aftercare/commands/begin-job'
import type { DoJobStep } from '../aftercare/commands/do-job-step'
import type { BeginFitting } from '../fittings/commands/begin'
import type { EnterFitting } from '../fittings/commands/enter'
import type { SignFitting } from '../fittings/commands/sign'
import type { FittingsRead } from '../fittings/fittings-read'
import type { BookVisit } from '../records/commands/book-visit'
import type { VisitEntry } from '../records/visits'
import type { DemoClock } from './demo-clock'
import { diceOf } from '../work/season/dice'
import { paceOf, type Shelf } from '../work/season/fitter'

/** A Saturday at Slipway Bay around the present hour: entered by the commands that everybody uses. */

/** What is done to the demo's fittings, under the clock of their day. */
export interface DemoFittings {
  readonly read: FittingsRead
  readonly begin: BeginFitting
  readonly enter: EnterFitting
  readonly sign: SignFitting
}

export interface Bay {
  readonly fittings: DemoFittings
  readonly bookVisit: BookVisit
  readonly beginJob: BeginJob
  readonly doJobStep: DoJobStep
  readonly clock: DemoClock
  readonly shelf: Shelf
  readonly today: IsoDate
  /** Minutes after midnight. */
  readonly minuteNow: number
  /** Running numbers of the fittings of this day follow this one. */
  readonly lastNumber: number
}

/** What one child gets, where, by which way. */
interface Chosen {
  readonly childId: string
  readonly vehicleId: string
  readonly unitId: string
  readonly modeId: string
  readonly positionId: string
  readonly routeId: string
}

/** Of the demo's people nobody signs in. */
const typed = (who: string) => ({ who, personId: null })
const WHO = 'Jory Quill'
const pace = paceOf(diceOf(1))
const read = (value: number, plusMinus: number) => ({ value, plusMinus, source: 'measured' })
const measure = (massKg: number, statureCm: number, shoulderMm: number, sittingMm: number): Put[] => [
  { path: ['child', 'massKg'], value: read(massKg, 0.05) },
  { path: ['child', 'statureCm'], value: read(statureCm, 0.4) },
  { path: ['child', 'seatedShoulderHeightMm'], value: read(shoulderMm, 4) },
  { path: ['child', 'sittingHeightMm'], value: read(sittingMm, 5) },
  { path: ['journeyMinutes'], value: 20 },
]

/** The fittings that are open at this hour, each at another point; entered one after another. */
class OpenFittings {
  /** The running number of the newest. */
  number: number
  constructor(private readonly bay: Bay) {
    this.number = bay.lastNumber
  }

  private async begin(chosen: Chosen, minutesAgo: number, measures: readonly Put[], arrivedInstalled = false) {
    const { fittings, clock, today, minuteNow, shelf } = this.bay
    clock.set(today, Math.max(1, minuteNow - minutesAgo))
    this.number += 1
    const { childId, vehicleId, unitId, modeId, positionId, routeId } = chosen
    const view = await fittings.begin.run({ childId, vehicleId, arrivedInstalled }, this.number)
    const rehearsal = new Rehearsal(view.case)
    const unit = shelf.units.find((u) => u.id === unitId) as RestraintUnit
    const model = shelf.models.find((m) => m.id === unit.modelId) as RestraintModel
    if (measures.length > 0) rehearsal.enter(measures, pace('measure', measures.length))
    rehearsal.enter(putsForMode(rehearsal.case, model, modeId, unit), pace('choose', 1))
    rehearsal.enter(putsForPlace(rehearsal.case, positionId, routeId), pace('place', 1))
    return { view, rehearsal }
  }

  private async keep({ id, sequence }: FittingView, rehearsal: Rehearsal): Promise<FittingId> {
    let at = sequence
    for (const { puts, seconds } of rehearsal.moves) {
      this.bay.clock.pass(seconds)
      at = (await this.bay.fittings.enter.run(id, { baseSequence: at, who: WHO, puts: [...puts] })).sequence
    }
    return id
  }

  async ready(chosen: Chosen, measures: readonly Put[], minutesAgo: number): Promise<FittingId> {
    const { view, rehearsal } = await this.begin(chosen, minutesAgo, measures)
    goThrough(rehearsal, pace)
    return this.keep(view, rehearsal)
  }

  async signed(chosen: Chosen, measures: readonly Put[], minutesAgo: number, carerName: string): Promise<FittingId> {
    const id = await this.ready(chosen, measures, minutesAgo)
    const { sequence } = await this.bay.fittings.read.get(id)
    this.bay.clock.pass(90)
    await this.bay.fittings.sign.run(id, { baseSequence: sequence, who: WHO, carerName, carerTried: 'well' }, 'asked')
    return id
  }

  /** All was good; then the recline was changed, and nobody has looked again. */
  async stale(chosen: Chosen, measures: readonly Put[], minutesAgo: number): Promise<FittingId> {
    const { view, rehearsal } = await this.begin(chosen, minutesAgo, measures)
    goThrough(rehearsal, pace)
    const c = rehearsal.case
    const mode = c.restraints.flatMap((m) => m.modes).find((m) => m.id === c.choice.modeId)
    const other = mode?.reclines?.find((r) => r.id !== c.settings.recline?.value)
    if (other) rehearsal.enter([{ path: ['settings', 'recline'], value: { value: other.id } }], 120)
    return this.keep(view, rehearsal)
  }

  /** Set up and looked at, with one look that found something wrong and some not made yet. */
  async notReady(
    chosen: Chosen,
    measures: readonly Put[],
    minutesAgo: number,
    wrong: CheckId,
    left: readonly CheckId[],
  ): Promise<FittingId> {
    const { view, rehearsal } = await this.begin(chosen, minutesAgo, measures)
    setUp(rehearsal, pace)
    for (const put of puttingGoodReadings(rehearsal.case, 'attach')) {
      const id = put.path[1] as CheckId
      if (left.includes(id)) continue
      const { at: _at, ...bad } = badReading(wrong, Sequence(0)) ?? { at: 0 }
      rehearsal.enter([id === wrong ? { path: put.path, value: bad } : put], pace('attach', 1))
    }
    return this.keep(view, rehearsal)
  }

  /** Everything but one look at the child: one answer decides. */
  async oneLeft(chosen: Chosen, measures: readonly Put[], minutesAgo: number, left: CheckId): Promise<FittingId> {
    const { view, rehearsal } = await this.begin(chosen, minutesAgo, measures)
    goThrough(rehearsal, pace)
    rehearsal.enter([{ path: ['readings', left], value: null }], 10)
    return this.keep(view, rehearsal)
  }

  /** Chosen, and refused. */
  async refused(chosen: Chosen, measures: readonly Put[], minutesAgo: number): Promise<FittingId> {
    const { view, rehearsal } = await this.begin(chosen, minutesAgo, measures)
    return this.keep(view, rehearsal)
  }

  /** It came fitted: what was found at the first look is being put right. */
  async arrived(
    chosen: Chosen,
    measures: readonly Put[],
    minutesAgo: number,
    wrong: readonly CheckId[],
  ): Promise<FittingId> {
    const { view, rehearsal } = await this.begin(chosen, minutesAgo, measures, true)
    setUp(rehearsal, pace)
    for (const stage of ['attach', 'child-in'] as const)
      for (const put of puttingGoodReadings(rehearsal.case, stage)) {
        const { at: _at, ...bad } = badReading(put.path[1] as CheckId, Sequence(0)) ?? { at: 0 }
        rehearsal.enter(
          [wrong.includes(put.path[1] as CheckId) ? { path: put.path, value: bad } : put],
          pace('attach', 1),
        )
      }
    return this.keep(view, rehearsal)
  }
}

const two = (n: number): string => String(n).padStart(2, '0')

/** @returns the ids of what it made, for the record of what is the demo's */
export async function enterSaturday(
  bay: Bay,
): Promise<{ readonly visits: readonly string[]; readonly jobs: readonly string[]; readonly lastNumber: number }> {
  const { bookVisit, beginJob, doJobStep, today, minuteNow, clock } = bay
  const open = new OpenFittings(bay)
  const bryn = await open.signed({ childId: 'bryn-tolland', vehicleId: 'corran-knot', unitId: 'u-larkshead-1', modeId: 'booster', positionId: 'rear-left', routeId: 'belt' }, measure(21.4, 117, 402, 640), 140, 'Sunniva Tolland') // prettier-ignore
  const perrin = await open.ready({ childId: 'perrin-hale', vehicleId: 'corran-dunlin', unitId: 'u-sheepshank-2', modeId: 'rearward', positionId: 'rear-right', routeId: 'isofix-leg' }, measure(13.2, 92, 336, 560), 75) // prettier-ignore
  const tamsin = await open.stale({ childId: 'tamsin-hale', vehicleId: 'corran-dunlin', unitId: 'u-rolling-1', modeId: 'rearward', positionId: 'rear-left', routeId: 'belt' }, measure(10.4, 79, 295, 490), 60) // prettier-ignore
  const ada = await open.notReady({ childId: 'ada-strand', vehicleId: 'corran-turnstone', unitId: 'u-sheepshank-1', modeId: 'rearward', positionId: 'rear-centre', routeId: 'isofix-leg' }, [], 40, 'latch-right', ['tug-right', 'front-seat']) // prettier-ignore
  const wren = await open.oneLeft({ childId: 'wren-oxley', vehicleId: 'corran-whimbrel', unitId: 'u-bowline-1', modeId: 'infant', positionId: 'rear-left', routeId: 'belt' }, measure(7.9, 68.5, 262, 440), 35, 'slack-mm') // prettier-ignore
  const osric = await open.refused({ childId: 'osric-penn', vehicleId: 'corran-avocet', unitId: 'u-stopper-1', modeId: 'forward', positionId: 'second-left', routeId: 'isofix-tether' }, measure(20.8, 104, 372, 590), 25) // prettier-ignore
  const col = await open.arrived({ childId: 'col-strand', vehicleId: 'corran-turnstone', unitId: 'u-reef-1', modeId: 'booster', positionId: 'rear-left', routeId: 'belt' }, measure(18.6, 109, 378, 600), 15, ['booster-twist', 'belt-twist', 'booster-back']) // prettier-ignore

  const visits: string[] = []
  const visit = async (inMinutes: number, who: string, state: VisitEntry['state'], over: Partial<VisitEntry> = {}) => {
    const minute = Math.max(1, Math.min(24 * 60 - 1, Math.round((minuteNow + inMinutes) / 5) * 5))
    const time = `${two(Math.floor(minute / 60))}:${two(minute % 60)}`
    const { id } = await bookVisit.run({ day: today, time, who, note: '', isWalkIn: false, state, childId: null, vehicleId: null, fittingId: null, ...over }) // prettier-ignore
    visits.push(id)
  }
  await visit(-140, 'Tolland', 'done', { childId: 'bryn-tolland', vehicleId: 'corran-knot', fittingId: bryn })
  await visit(-75, 'Hale', 'here', { childId: 'perrin-hale', vehicleId: 'corran-dunlin', fittingId: perrin })
  await visit(-60, 'Hale', 'here', { childId: 'tamsin-hale', vehicleId: 'corran-dunlin', fittingId: tamsin, note: 'brother is done first' }) // prettier-ignore
  await visit(-40, 'Strand', 'here', { childId: 'ada-strand', vehicleId: 'corran-turnstone', fittingId: ada, note: 'three children, one row' }) // prettier-ignore
  await visit(-35, 'Oxley', 'here', { childId: 'wren-oxley', vehicleId: 'corran-whimbrel', fittingId: wren, isWalkIn: true }) // prettier-ignore
  await visit(-25, 'Penn', 'here', { childId: 'osric-penn', vehicleId: 'corran-avocet', fittingId: osric })
  await visit(-15, 'Strand', 'here', { childId: 'col-strand', vehicleId: 'corran-turnstone', fittingId: col, note: 'own booster, already in the car' }) // prettier-ignore
  await visit(10, 'Strand', 'here', { childId: 'mabe-strand', vehicleId: 'corran-turnstone' })
  await visit(35, 'Carrow', 'expected', { childId: 'una-carrow', note: 'twins, came early' })
  await visit(60, 'Nancarrow', 'expected', { note: 'grandparents, two children' })
  await visit(95, 'Trewhella', 'expected', { vehicleId: 'corran-whimbrel' })

  clock.set(today, Math.max(1, minuteNow - 30))
  const convert = await beginJob.run({ unitId: 'u-sennit-1', kind: 'convert', by: typed(WHO), fromModeId: 'harness', toModeId: 'booster' }) // prettier-ignore
  const first = convert.plan.steps[0]
  if (first) await doJobStep.run(convert.id, typed(WHO), { stepId: first.id, isDone: true })
  clock.pass(400)
  const buckle = await beginJob.run({ unitId: 'u-clove-1', kind: 'sticky-buckle', by: typed('Isolde Trewin') })
  for (const step of buckle.plan.steps)
    await doJobStep.run(buckle.id, typed('Isolde Trewin'), { stepId: step.id, isDone: true })
  return { visits, jobs: [convert.id, buckle.id], lastNumber: open.number }
}
