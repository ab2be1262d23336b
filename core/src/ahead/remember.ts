import { chosenIn, type Case } from '../casefile/index.ts'
import { slotText } from '../fit/index.ts'

export interface Remembered {
  readonly name: string
  readonly value: string
}

/** What the carer must find again when somebody has moved it, in the order it is set. */
export function settingsToRemember(c: Case): readonly Remembered[] {
  const { mode, route } = chosenIn(c)
  const { settings } = c
  const rows: Remembered[] = []
  const add = (name: string, value: string | undefined): void => {
    if (value !== undefined) rows.push({ name, value })
  }
  add('Route', route?.label)
  add('Recline', mode?.reclines?.find((r) => r.id === settings.recline?.value)?.label)
  const height = settings.strapHeightMm?.value
  if (height !== undefined) {
    const heights =
      mode?.strap?.adjuster.kind === 'slots' ? mode.strap.adjuster.heightsMm.toSorted((a, b) => a - b) : []
    const at = heights.indexOf(height)
    add(
      mode?.heldBy === 'vehicle-belt' ? 'Belt guide' : 'Shoulder straps',
      slotText(at < 0 ? undefined : at + 1, height),
    )
  }
  add('Support leg', settings.legNotch && `notch ${settings.legNotch.value}`)
  if (settings.wedge) add('Wedge', settings.wedge.value ? 'in' : 'none')
  if (settings.slideMm) add('Shell on its base', `slid ${settings.slideMm.value} mm`)
  if (settings.insertsIn) {
    const names = (mode?.inserts ?? []).filter((i) => settings.insertsIn?.value.includes(i.id)).map((i) => i.name)
    add('Inserts', names.length === 0 ? 'none in' : names.join(', '))
  }
  add('Carrying handle', mode?.carryHandle?.travelPosition)
  if (route?.topTether && route.topTether.use !== 'not-used') {
    const path = route.topTether.headRestraintPath
    add(
      'Top tether',
      path === undefined || path === 'free' ? 'hooked and tight' : `${path.replaceAll('-', ' ')} the head restraint`,
    )
  }
  if (settings.vehicleHeadRestraint)
    add('Vehicle head restraint', settings.vehicleHeadRestraint.value.replaceAll('-', ' '))
  if (settings.frontSeatGapMm) add('Seat in front', `${settings.frontSeatGapMm.value} mm from the backrest`)
  return rows
}
