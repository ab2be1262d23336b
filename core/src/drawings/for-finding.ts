import { doorSideOf } from '../vehicle/index.ts'
import type { Finding, FittedSubject } from '../rules/index.ts'
import type { Drawing } from './drawing.ts'
import { sceneOfCheck } from './for-check.ts'
import type { Scene } from './kinds.ts'
import { drawScene } from './scene.ts'
import {
  connectorsScene,
  angleFigure,
  footScene,
  harnessScene,
  notchFigure,
  reclineScene,
  sideScene,
  strapScene,
  tetherScene,
} from './values.ts'

const place = ({ mode, position }: FittedSubject): Scene => ({
  kind: 'plan',
  focus: 'place',
  direction: mode.direction,
  doorSide: doorSideOf(position),
})

/** Where in the drawing a finding is, by its rule; rules about papers, ages and lists have no such spot. */
const SPOT: Readonly<Record<string, (s: FittedSubject) => Scene>> = {
  'place-airbag': (s) => sceneOfCheck('airbag-lamp', s),
  'place-airbag-forward': (s) => sceneOfCheck('airbag-lamp', s),
  'place-belt-length': (s) => sideScene(s, 'belt'),
  'place-belt-kind': (s) => sideScene(s, 'belt'),
  'place-buckle': (s) => sceneOfCheck('buckle-above-edge-mm', s),
  'place-driver': place,
  'place-facing': place,
  'place-front-room': (s) => sideScene(s, 'front-seat'),
  'place-head-restraint-line': (s) => sideScene(s, 'head'),
  'place-isofix-bars': (s) => connectorsScene(s, 'push', 'both'),
  'place-leg-floor': (s) => footScene(s, 'contact'),
  'place-leg-range': (s) => sideScene(s, 'notch', notchFigure(s)),
  'place-lower-tethers': (s) => sideScene(s, 'lower-tethers'),
  'place-tether-anchorage': (s) => tetherScene(s, 'point'),
  'place-tether-length': (s) => tetherScene(s, 'path'),
  'place-two-adjacent': place,
  'belt-retractor': (s) => sceneOfCheck('retractor', s),
  'cushion-head-restraint': (s) => sideScene(s, 'head-restraint'),
  'front-clearance': (s) => sideScene(s, 'front-seat'),
  'front-seat-setting': (s) => sideScene(s, 'front-seat'),
  'guide-set': strapScene,
  'head-restraint-maker': (s) => sideScene(s, 'head-restraint'),
  'head-restraint-off': (s) => sideScene(s, 'head-restraint'),
  'head-restraint-stowed': (s) => sideScene(s, 'head-restraint'),
  'head-with-inserts': (s) => sideScene(s, 'head'),
  inserts: (s) => harnessScene(s, 'padding'),
  'leg-lift': (s) => sideScene(s, 'notch', notchFigure(s)),
  'leg-notch': (s) => sideScene(s, 'notch', notchFigure(s)),
  'set-recline': (s) => reclineScene(s),
  'shell-angle': (s) => sideScene(s, 'angle', angleFigure(s)),
  'shell-angle-ceiling': (s) => sideScene(s, 'angle', angleFigure(s)),
  'strap-height': strapScene,
  'wedge-allowed': (s) => sideScene(s, 'wedge'),
  'head-room': (s) => sideScene(s, 'head'),
  'shoulder-range': strapScene,
}

/** The drawing of what a finding is about: the check that decided, or the spot of its rule; `undefined` where it has none. */
export function drawingOfFinding(finding: Pick<Finding, 'ruleId' | 'check' | 'checks'>, s: FittedSubject): Drawing | undefined {
  const check = finding.check ?? finding.checks?.[0]
  const scene = check === undefined ? SPOT[finding.ruleId]?.(s) : sceneOfCheck(check, s)
  return scene && drawScene(scene)
} // prettier-ignore

/** Rules whose findings have a spot without a check; the test holds each to a rule of the book. */
export const SPOTTED_RULES: readonly string[] = Object.keys(SPOT)
