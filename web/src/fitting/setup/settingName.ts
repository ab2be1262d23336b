import { type Settings } from '@nimble-anchor/core/readings'
import * as msg from './messages.en.ts'

export const SETTING_NAME: Readonly<Record<keyof Settings, string>> = {
  recline: msg.recline,
  legNotch: msg.supportLeg,
  strapHeightMm: msg.shoulderStraps,
  wedge: msg.wedge,
  insertsIn: msg.inserts,
  vehicleHeadRestraint: msg.vehicleHeadRestraint,
  frontSeatGapMm: msg.seatInFront,
  slideMm: msg.shellOnItsBase,
}
