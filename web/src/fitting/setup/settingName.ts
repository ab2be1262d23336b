import { type Settings } from '@nimble-anchor/core/readings'

export const SETTING_NAME: Readonly<Record<keyof Settings, string>> = {
  recline: 'Recline',
  legNotch: 'Support leg',
  strapHeightMm: 'Shoulder straps',
  wedge: 'Wedge',
  insertsIn: 'Inserts',
  vehicleHeadRestraint: 'Vehicle head restraint',
  frontSeatGapMm: 'Seat in front',
  slideMm: 'Shell on its base',
}
