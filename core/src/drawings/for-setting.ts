import type { Settings } from '../readings/index.ts'
import type { FittedSubject } from '../rules/index.ts'
import { formatNumber } from '../quantities/index.ts'
import type { Scene } from './kinds.ts'
import { drawScene } from './scene.ts'
import type { Drawing } from './drawing.ts'
import { exitScene, harnessScene, notchFigure, reclineFigure, sideScene, boosterScene } from './values.ts'
import { isIntegral } from '../restraint/index.ts'

const mmFigure = (mm: number | undefined): string | undefined =>
  mm === undefined ? undefined : `${formatNumber(mm, 0)} mm`

/** What each setting moves. Complete: a new setting does not compile without its drawing. */
const SHOWS: { readonly [K in keyof Settings]-?: (s: FittedSubject) => Scene } = {
  recline: (s) => sideScene(s, 'recline', reclineFigure(s)),
  legNotch: (s) => sideScene(s, 'notch', notchFigure(s)),
  strapHeightMm: (s) =>
    isIntegral(s.mode) ? exitScene(s) : boosterScene(s, 'guide-height', mmFigure(s.settings.strapHeightMm?.value)),
  wedge: (s) => sideScene(s, 'wedge'),
  insertsIn: (s) => harnessScene(s, 'padding'),
  vehicleHeadRestraint: (s) => sideScene(s, 'head-restraint'),
  frontSeatGapMm: (s) => sideScene(s, 'front-seat', mmFigure(s.settings.frontSeatGapMm?.value)),
  slideMm: (s) => sideScene(s, 'shell-slide', mmFigure(s.settings.slideMm?.value)),
}

/** The drawing of one setting as it stands, or as it is worked out while nothing is set. */
export const drawingOfSetting = (id: keyof Settings, s: FittedSubject): Drawing => drawScene(SHOWS[id](s))
