import type { Settings } from '../readings/index.ts'
import type { FittedSubject } from '../rules/index.ts'
import { formatNumber } from '../quantities/index.ts'
import type { Scene } from './kinds.ts'
import { drawScene } from './scene.ts'
import type { Drawing } from './drawing.ts'
import { harnessScene, notchFigure, reclineScene, sideScene, strapScene } from './values.ts'

const mmFigure = (mm: number | undefined): string | undefined =>
  mm === undefined ? undefined : `${formatNumber(mm, 0)} mm`

/** What each setting moves. Complete: a new setting does not compile without its drawing. */
const SHOWS: { readonly [K in keyof Settings]-?: (s: FittedSubject) => Scene } = {
  recline: (s) => reclineScene(s),
  legNotch: (s) => sideScene(s, 'notch', notchFigure(s)),
  strapHeightMm: strapScene,
  wedge: (s) => sideScene(s, 'wedge'),
  insertsIn: (s) => harnessScene(s, 'padding'),
  vehicleHeadRestraint: (s) => sideScene(s, 'head-restraint'),
  frontSeatGapMm: (s) => sideScene(s, 'front-seat-distance', mmFigure(s.settings.frontSeatGapMm?.value)),
  slideMm: (s) => sideScene(s, 'shell-slide', mmFigure(s.settings.slideMm?.value)),
}

/** The drawing of one setting as it stands, or as it is worked out while nothing is set. */
export const drawingOfSetting = (id: keyof Settings, s: FittedSubject): Drawing => drawScene(SHOWS[id](s))
