import { chosenIn, type Case } from '../casefile/index.ts'
import { exitOf } from '../fit/index.ts'
import { isIntegral, type Mode } from '../restraint/index.ts'
import { doorSideOf } from '../vehicle/index.ts'
import type { Figure } from './figure.ts'
import { REMEMBER_EN } from './remember.en.ts'

export interface Remembered {
  readonly name: string
  readonly value: string
  /** What a small drawing beside it shows, where one helps to find it again. */
  readonly figure?: Figure
}

function strapFigure(mode: Mode, heightMm: number): Figure {
  const adjuster = mode.strap?.adjuster
  if (adjuster?.kind === 'slots') {
    return { kind: 'slots', count: adjuster.heightsMm.length, at: adjuster.heightsMm.toSorted((a, b) => a - b).indexOf(heightMm) }
  }
  const range = adjuster ?? mode.beltGuideMm
  return { kind: 'height', share: range ? (heightMm - range.fromMm) / Math.max(1, range.toMm - range.fromMm) : 0.5 }
} // prettier-ignore

/** What the rows say in one language: a name and a value each. */
export type RememberTexts = typeof REMEMBER_EN

/** What the carer must find again when somebody has moved it, in the order it is set. */
export function settingsToRemember(c: Case, texts: RememberTexts = REMEMBER_EN): readonly Remembered[] {
  const { mode, route, position } = chosenIn(c)
  const { settings } = c
  const rows: Remembered[] = []
  const add = (row: Remembered, figure?: Figure): void => void rows.push({ ...row, ...(figure && { figure }) })

  if (route) add(texts.route(route))
  const recline = mode?.reclines?.find((r) => r.id === settings.recline?.value)
  if (mode && recline)
    add(texts.recline(recline), { kind: 'recline', fromVerticalDeg: recline.shellAngleDeg, direction: mode.direction })
  const heightMm = settings.strapHeightMm?.value
  if (mode && heightMm !== undefined) {
    const exit = exitOf(mode, heightMm)
    add(isIntegral(mode) ? texts.straps(exit) : texts.guide(exit), strapFigure(mode, heightMm))
  }
  const notch = settings.legNotch?.value
  if (notch !== undefined) {
    const notches = route?.leg?.notches ?? notch
    add(texts.leg({ notch }), { kind: 'leg', share: notches > 1 ? (notch - 1) / (notches - 1) : 0 })
  }
  if (settings.wedge) add(texts.wedge({ isIn: settings.wedge.value }))
  if (settings.slideMm) add(texts.slide({ mm: settings.slideMm.value }))
  if (settings.insertsIn) {
    const { value: inside } = settings.insertsIn
    add(texts.inserts({ names: (mode?.inserts ?? []).filter((i) => inside.includes(i.id)).map((i) => i.name) }))
  }
  if (mode?.carryHandle) add(texts.handle(mode.carryHandle), { kind: 'handle' })
  const doorSide = position && doorSideOf(position)
  if (mode?.sidePod && doorSide !== undefined) add(texts.pod({ side: doorSide }), { kind: 'pod', side: doorSide })
  if (route?.usesBase === true) add(texts.shellOnBase())
  if (position?.row === 1 && position.frontAirbag !== undefined && position.frontAirbag !== 'none')
    add(texts.airbag({ mayBeOn: mode?.direction === 'forward' }))
  if (route?.leg && position?.floor?.kind === 'box-allowed-when-propped') add(texts.floorBox())
  if (route?.topTether) {
    const path = route.topTether.headRestraintPath ?? 'free'
    add(texts.tether({ path }), { kind: 'tether', path })
  }
  if (settings.vehicleHeadRestraint) add(texts.headRestraint({ state: settings.vehicleHeadRestraint.value }))
  if (settings.frontSeatGapMm) add(texts.frontSeat({ mm: settings.frontSeatGapMm.value }))
  return rows
}
