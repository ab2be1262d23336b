import { chosenIn, type Case } from '../casefile/index.ts'
import { slotText } from '../fit/index.ts'
import type { Mode } from '../restraint/index.ts'
import type { Figure } from './figure.ts'

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

/** What the carer must find again when somebody has moved it, in the order it is set. */
export function settingsToRemember(c: Case): readonly Remembered[] {
  const { mode, route, position } = chosenIn(c)
  const { settings } = c
  const rows: Remembered[] = []
  const add = (name: string, value: string | undefined, figure?: Figure): void => {
    if (value !== undefined) rows.push({ name, value, ...(figure && { figure }) })
  }
  add('Route', route?.label)
  const recline = mode?.reclines?.find((r) => r.id === settings.recline?.value)
  if (mode && recline)
    add('Recline', recline.label, { kind: 'recline', fromVerticalDeg: recline.shellAngleDeg, direction: mode.direction }) // prettier-ignore
  const height = settings.strapHeightMm?.value
  if (mode && height !== undefined) {
    const heights = mode.strap?.adjuster.kind === 'slots' ? mode.strap.adjuster.heightsMm.toSorted((a, b) => a - b) : []
    const at = heights.indexOf(height)
    add(
      mode.heldBy === 'vehicle-belt' ? 'Belt guide' : 'Shoulder straps',
      slotText(at < 0 ? undefined : at + 1, height),
      strapFigure(mode, height),
    )
  }
  const notch = settings.legNotch?.value
  if (notch !== undefined) {
    const notches = route?.leg?.notches ?? notch
    add('Support leg', `notch ${notch}`, { kind: 'leg', share: notches > 1 ? (notch - 1) / (notches - 1) : 0 })
  }
  if (settings.wedge) add('Wedge', settings.wedge.value ? 'in' : 'none')
  if (settings.slideMm) add('Shell on its base', `slid ${settings.slideMm.value} mm`)
  if (settings.insertsIn) {
    const names = (mode?.inserts ?? []).filter((i) => settings.insertsIn?.value.includes(i.id)).map((i) => i.name)
    add('Inserts', names.length === 0 ? 'none in' : names.join(', '))
  }
  add('Carrying handle', mode?.carryHandle?.travelPosition, { kind: 'handle' })
  if (mode?.sidePod && position && position.side !== 'centre') {
    const side = position.doorSide === 'left' || position.doorSide === 'right' ? position.doorSide : position.side
    add('Side pod', `out on the ${side}, the door side`, { kind: 'pod', side })
  }
  if (route?.usesBase === true) add('At every ride', 'the shell set on its base until both latches click; lift it once')
  if (position?.row === 1 && position.frontAirbag !== undefined && position.frontAirbag !== 'none')
    add(
      'Airbag',
      mode?.direction === 'forward' ? 'as handbook and manual say' : 'off; on again when an adult sits here',
    )
  if (route?.leg && position?.floor?.kind === 'box-allowed-when-propped')
    add('Floor box', 'filled or propped, each time the car comes back')
  if (route?.topTether) {
    const path = route.topTether.headRestraintPath
    add(
      'Top tether',
      path === undefined || path === 'free' ? 'hooked and tight' : `${path.replaceAll('-', ' ')} the head restraint`,
      { kind: 'tether', path: path ?? 'free' },
    )
  }
  if (settings.vehicleHeadRestraint)
    add('Vehicle head restraint', settings.vehicleHeadRestraint.value.replaceAll('-', ' '))
  if (settings.frontSeatGapMm) add('Seat in front', `${settings.frontSeatGapMm.value} mm from the backrest`)
  return rows
}
