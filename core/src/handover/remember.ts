import { chosenIn, type Case } from '../casefile/index.ts'
import type { CheckId } from '../checks/index.ts'
import { drawingOfCheck, drawingOfSetting, type Drawing } from '../drawings/index.ts'
import { exitOf, tetherUseAt } from '../fit/index.ts'
import { fittedSubject } from '../match/index.ts'
import type { Settings } from '../readings/index.ts'
import { isIntegral } from '../restraint/index.ts'
import type { FittedSubject } from '../rules/index.ts'
import { doorSideOf } from '../vehicle/index.ts'
import { REMEMBER_EN } from './remember.en.ts'

export interface Remembered {
  readonly name: string
  readonly value: string
  /** Where one helps to find it again. */
  readonly drawing?: Drawing
}

/** What the rows say in one language: a name and a value each. */
export type RememberTexts = typeof REMEMBER_EN

/** What the carer must find again when somebody has moved it, in the order it is set. */
export function settingsToRemember(c: Case, texts: RememberTexts = REMEMBER_EN): readonly Remembered[] {
  const { mode, route, position } = chosenIn(c)
  const { settings } = c
  const rows: Remembered[] = []
  const subject = fittedSubject(c)
  const add = (row: Remembered, draw?: (s: FittedSubject) => Drawing): void =>
    void rows.push({ ...row, ...(draw && subject && { drawing: draw(subject) }) })
  const setting = (id: keyof Settings) => (s: FittedSubject) => drawingOfSetting(id, s)
  const look = (id: CheckId) => (s: FittedSubject) => drawingOfCheck(id, s)

  if (route) add(texts.route(route))
  const recline = mode?.reclines?.find((r) => r.id === settings.recline?.value)
  if (recline) add(texts.recline(recline), setting('recline'))
  const heightMm = settings.strapHeightMm?.value
  if (mode && heightMm !== undefined) {
    const exit = exitOf(mode, heightMm)
    add(isIntegral(mode) ? texts.straps(exit) : texts.guide(exit), setting('strapHeightMm'))
  }
  const notch = settings.legNotch?.value
  if (notch !== undefined) add(texts.leg({ notch }), setting('legNotch'))
  if (settings.wedge) add(texts.wedge({ isIn: settings.wedge.value }), setting('wedge'))
  if (settings.slideMm) add(texts.slide({ mm: settings.slideMm.value }), setting('slideMm'))
  if (settings.insertsIn) {
    const { value: inside } = settings.insertsIn
    add(
      texts.inserts({ names: (mode?.inserts ?? []).filter((i) => inside.includes(i.id)).map((i) => i.name) }),
      setting('insertsIn'),
    )
  }
  if (mode?.carryHandle) add(texts.handle(mode.carryHandle), look('carry-handle'))
  const doorSide = position && doorSideOf(position)
  if (mode?.sidePod && doorSide !== undefined) add(texts.pod({ side: doorSide }), look('side-pod'))
  if (route?.usesBase === true) add(texts.shellOnBase(), look('shell-on-base'))
  if (position?.row === 1 && position.frontAirbag !== undefined && position.frontAirbag !== 'none')
    add(texts.airbag({ mayBeOn: mode?.direction === 'forward' }), look('airbag-lamp'))
  if (route?.leg && position?.floor?.kind === 'box-allowed-when-propped') add(texts.floorBox(), look('floor-box'))
  if (route?.topTether && tetherUseAt(route, position) !== undefined) {
    const path = route.topTether.headRestraintPath ?? 'free'
    add(texts.tether({ path }), look('tether-flat'))
  }
  if (settings.vehicleHeadRestraint)
    add(texts.headRestraint({ state: settings.vehicleHeadRestraint.value }), setting('vehicleHeadRestraint'))
  if (settings.frontSeatGapMm) add(texts.frontSeat({ mm: settings.frontSeatGapMm.value }), setting('frontSeatGapMm'))
  return rows
}
