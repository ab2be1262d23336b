import { slotText } from '@nimble-anchor/core/fit'
import { type SettingValues } from '@nimble-anchor/core/match'
import { type Settings } from '@nimble-anchor/core/readings'
import { type Mode, type Route } from '@nimble-anchor/core/restraint'
import * as msg from './messages.en.ts'

/** One setting's value in words: "Recline 3", "notch 7 of 19", "wedge in". */
export function settingText(mode: Mode, route: Route, id: keyof Settings, value: unknown): string {
  switch (id) {
    case 'recline':
      return `recline ${mode.reclines?.find((r) => r.id === value)?.label ?? String(value)}`
    case 'legNotch':
      return msg.legNotchOf(String(value), route.leg?.notches ?? '?')
    case 'wedge':
      return value === true ? msg.wedgeIn : msg.noWedge
    case 'slideMm':
      return msg.shellSlidMm(String(value))
    case 'frontSeatGapMm':
      return msg.seatInFrontAtMm(String(value))
    case 'strapHeightMm': {
      const heights =
        mode.strap?.adjuster.kind === 'slots' ? mode.strap.adjuster.heightsMm.toSorted((a, b) => a - b) : []
      const at = heights.indexOf(value as number)
      return `${mode.heldBy === 'vehicle-belt' ? msg.beltGuideAt : msg.strapsAt} ${slotText(at < 0 ? undefined : at + 1, value as number)}`
    }
    case 'insertsIn': {
      const ids = value as readonly string[]
      const names = (mode.inserts ?? []).filter((i) => ids.includes(i.id)).map((i) => i.name)
      return names.length === 0 ? msg.noInsert : `in: ${names.join(', ')}`
    }
    case 'vehicleHeadRestraint':
      return msg.headRestraint2(String(value).replaceAll('-', ' '))
  }
}

const ORDER = [
  'insertsIn', 'recline', 'wedge', 'slideMm', 'strapHeightMm', 'legNotch', 'frontSeatGapMm',
] as const satisfies readonly (keyof Settings)[] // prettier-ignore

/** A whole set-up in words, in the order it is set. */
export const setUpText = (mode: Mode, route: Route, values: SettingValues): string =>
  ORDER.filter((id) => values[id] !== undefined)
    .map((id) => settingText(mode, route, id, values[id]))
    .join(', ')
