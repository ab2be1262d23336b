import { checkOf, optionLabel, type CheckId } from '../checks/index.ts'
import { othersBeside } from '../casefile/index.ts'
import type { FittedSubject } from '../rules/index.ts'
import { doorSideOf, type SeatingPosition } from '../vehicle/index.ts'
import type { CheckLimit } from '../verdict/index.ts'
import type { Drawing } from './drawing.ts'
import { FIGURES_EN, type FigureTexts } from './figures.en.ts'
import type { Scene } from './kinds.ts'
import { drawScene } from './scene.ts'
import {
  beltScene,
  boosterScene,
  connectorsScene,
  exitScene,
  footScene,
  harnessScene,
  lockScene,
  sideScene,
  tetherScene,
} from './values.ts'

/** Shows one check in one fitting; `limit` is what it is held against, as it is read. */
type Shows = (s: FittedSubject, limit: string | undefined, texts: FigureTexts) => Scene

const belt =
  (of: 'harness' | 'belt'): Shows =>
  () => ({ kind: 'twist', of })
const plan =
  (focus: Extract<Scene, { kind: 'plan' }>['focus']): Shows =>
  ({ mode, position }) => ({ kind: 'plan', focus, direction: mode.direction, doorSide: doorSideOf(position) })
/** On which sides of this place the others of its ride stand; either, while nobody has said where they sit. */
function sidesBeside(s: FittedSubject): readonly ('left' | 'right')[] | undefined {
  const turn = (p: SeatingPosition): number => ['left', 'centre', 'right'].indexOf(p.side)
  const places = s.vehicle.positions.filter((p) =>
    othersBeside(s, s.position).some((o) => o.positionIds.includes(p.id) && p.id !== s.position.id),
  )
  const sides = (['left', 'right'] as const).filter((side) =>
    places.some((p) => (side === 'left' ? turn(p) < turn(s.position) : turn(p) > turn(s.position))),
  )
  return sides.length === 0 ? undefined : sides
}
const looked =
  (focus: Parameters<typeof sideScene>[1]): Shows =>
  (s, limit) =>
    sideScene(s, focus, limit)

/** What each check looks at. Complete: a new check does not compile without its drawing. */
const SHOWS: Readonly<Record<CheckId, Shows>> = {
  'airbag-lamp': ({ mode }) => ({ kind: 'lamp', mustBe: mode.direction === 'forward' ? 'as-stated' : 'off' }),
  'angle-proof': (s) => sideScene(s, 'level-line', undefined, s.mode.angleProof?.what),
  'backrest-latched': looked('backrest-latch'),
  'belt-locked': lockScene,
  'belt-path': beltScene,
  'belt-tension': looked('weight'),
  'belt-twist': belt('belt'),
  'bench-set': (s) => sideScene(s, 'seat-slide', undefined, s.position.slidingTrack?.handbookSetting || undefined),
  'buckle-above-edge-mm': (_, limit) => ({ kind: 'buckle', focus: 'height', figure: limit }),
  'buckle-clear': () => ({ kind: 'buckle', focus: 'clear' }),
  'carry-handle': ({ mode }) => ({ kind: 'handle', travelPosition: mode.carryHandle?.travelPosition ?? '?' }),
  'clear-all-round': plan('clear'),
  'room-beside': (s) => ({
    kind: 'plan',
    focus: 'beside',
    direction: s.mode.direction,
    beside: sidesBeside(s),
  }),
  'connector-straps': (s) => connectorsScene(s, 'straps', 'both'),
  'console-out': plan('console'),
  'floor-box': (s) => footScene(s, 'box'),
  'front-seat': (s, _, texts) => sideScene(s, 'front-seat', undefined, s.route.frontSeat && texts.frontSeat[s.route.frontSeat]),
  'gap-behind': looked('gap-behind'),
  'gap-under': looked('gap-under'),
  'head-inboard': plan('head-end'),
  'label-serial': ({ mode, unit }) => ({ kind: 'label', regulation: `UN ${mode.approval.regulation}`, serial: unit?.serial }),
  'latch-left': (s) => connectorsScene(s, 'window', 'left'),
  'latch-right': (s) => connectorsScene(s, 'window', 'right'),
  'latches-again': (s) => connectorsScene(s, 'window', 'both'),
  'leg-contact': (s) => footScene(s, 'contact'),
  'leg-indicator': (s) => footScene(s, 'window'),
  'locking-clip': lockScene,
  'lower-tethers': looked('lower-tethers'),
  'lower-tethers-used': looked('lower-tethers'),
  'nothing-added': looked('nothing-added'),
  'old-padding': (s) => harnessScene(s, 'padding'),
  'pushed-home': looked('push-home'),
  'rebound-bar': looked('rebound-bar'),
  retractor: () => ({ kind: 'lock', focus: 'reel', section: 'diagonal' }),
  'seat-fully-back': looked('seat-slide'),
  'shell-angle-deg': looked('angle'),
  'shell-on-base': looked('lift'),
  'steadiness-felt': looked('movement'),
  'steadiness-mm': looked('movement'),
  'tether-flat': (s) => tetherScene(s, 'path'),
  'tether-indicator-mm': (s, limit) => tetherScene(s, 'indicator', limit),
  'tether-point': (s) => tetherScene(s, 'point'),
  'tether-used': (s) => tetherScene(s, 'path'),
  'tug-left': (s) => connectorsScene(s, 'tug', 'left'),
  'tug-right': (s) => connectorsScene(s, 'tug', 'right'),
  'belt-buckle': (s) => boosterScene(s, 'buckle'),
  'belt-runs': (s) => boosterScene(s, 'runs'),
  'belt-slack': (s) => boosterScene(s, 'slack'),
  'booster-back': looked('against-backrest'),
  'booster-path': (s) => boosterScene(s, 'guides'),
  'booster-twist': belt('belt'),
  chin: looked('chin'),
  coat: (s) => harnessScene(s, 'coat'),
  'coat-hides-mm': (s, limit) => harnessScene(s, 'coat-measure', limit),
  'crotch-guide': (s) => boosterScene(s, 'crotch'),
  'crown-below-edge-mm': (s, limit) => harnessScene(s, 'crown', limit),
  diagonal: (s) => boosterScene(s, 'diagonal'),
  'forward-guard': ({ mode }) => ({ kind: 'turn', focus: 'guard', direction: mode.direction }),
  'guide-above-shoulder-mm': (s, limit) => boosterScene(s, 'guide-height', limit),
  'guide-gate': (s) => boosterScene(s, 'gate'),
  'harness-buckle': (s) => harnessScene(s, 'buckle'),
  head: (s, _, texts) => sideScene(s, 'head', undefined, s.mode.headRule && texts.headRule[s.mode.headRule]),
  knees: looked('knees'),
  'lap-section': (s) => boosterScene(s, 'lap'),
  'side-pod': plan('pod'),
  'slack-mm': (s, limit) => harnessScene(s, 'slack', limit),
  'slack-pinch': (s) => harnessScene(s, 'pinch'),
  'strap-exit': exitScene,
  'strap-pressure': (s) => harnessScene(s, 'pressure'),
  'strap-twist': belt('harness'),
  'turn-lock': ({ mode }) => ({ kind: 'turn', focus: 'lock', direction: mode.direction }),
} // prettier-ignore

/** The scene of one check in one fitting. `limit` is what a measured check is held against here. */
export const sceneOfCheck = (
  id: CheckId,
  s: FittedSubject,
  limit?: CheckLimit,
  texts: FigureTexts = FIGURES_EN,
): Scene => SHOWS[id](s, limit && texts.limit(limit), texts)

/** The drawing of one check in one fitting: what to look at, and in words also what is good and what is not. */
export function drawingOfCheck(id: CheckId, s: FittedSubject, limit?: CheckLimit): Drawing {
  const drawing = drawScene(sceneOfCheck(id, s, limit))
  const check = checkOf(id)
  if (check.kind === 'number') return drawing
  const labels = (means: 'pass' | 'fail'): readonly string[] =>
    check.options.filter((o) => o.means === means).map((o) => optionLabel(id, o.id))
  const states = FIGURES_EN.states({ good: labels('pass'), bad: labels('fail') })
  return { ...drawing, says: [drawing.says, ...(states === '' ? [] : [states])].join(' ') }
}
