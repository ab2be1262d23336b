import { sectionOf } from '../bench/index.ts'
import { exitOf, strapRuleOf } from '../fit/index.ts'
import { guideLine, recommendSettings } from '../procedure/index.ts'
import { formatNumber, middle } from '../quantities/index.ts'
import { isIntegral } from '../restraint/index.ts'
import { angleNow, type FittedSubject } from '../rules/index.ts'
import { carSideOf } from '../vehicle/index.ts'
import { GUIDE_COLOURS, type DrawnGuide } from './drawing.ts'
import { FIGURES_EN, type FigureTexts } from './figures.en.ts'
import type { Scene } from './kinds.ts'
import type { SideFocus } from './scenes/side-view.ts'

/** Values of one fitting as drawings show them: what is set, and what is worked out where nothing is set. */

/** A setting as it stands; else the one value that the arithmetic gives. */
function valueOf<K extends 'legNotch' | 'strapHeightMm' | 'recline' | 'frontSeatGapMm'>(s: FittedSubject, setting: K) {
  const set = s.settings[setting]?.value
  if (set !== undefined) return set
  const advised = recommendSettings(s).find((r) => r.setting === setting)
  return advised?.kind === 'set' ? advised.value : undefined
}

/** "6 / 11" for the leg. */
export function notchFigure(s: FittedSubject): string | undefined {
  const notch = valueOf(s, 'legNotch')
  return notch === undefined || s.route.leg === undefined ? undefined : `${String(notch)} / ${s.route.leg.notches}`
}

/** The back surface from vertical as it stands in this car: measured there, or worked out; nothing while that is not known. */
export function angleFigure(s: FittedSubject): string | undefined {
  const now = angleNow(s)
  return 'angle' in now ? `${formatNumber(middle(now.angle), 0)}°` : undefined
}
/** The recline as it is set or worked out by name, over the angle that it gives in this car. */
export function reclineScene(s: FittedSubject, texts: FigureTexts = FIGURES_EN): Scene {
  const recline = s.mode.reclines?.find((r) => r.id === valueOf(s, 'recline'))
  return sideScene(s, 'recline', angleFigure(s), recline && texts.recline(recline))
}
/** Where straps or belt guide are set: at the shell for a harness, beside the shoulder for a belt. */
export const strapScene = (s: FittedSubject): Scene => (isIntegral(s.mode) ? exitScene(s) : guideScene(s))
function guideScene(s: FittedSubject): Scene {
  const heightMm = valueOf(s, 'strapHeightMm')
  return boosterScene(s, 'guide-set', typeof heightMm === 'number' ? `${formatNumber(heightMm, 0)} mm` : undefined)
}

/** Where the straps leave the shell: the slot, or the height. */
export function exitScene(s: FittedSubject): Scene {
  const heightMm = valueOf(s, 'strapHeightMm')
  const adjuster = s.mode.strap?.adjuster
  const slots = adjuster?.kind === 'slots' ? adjuster.heightsMm.length : 0
  const slot = typeof heightMm === 'number' ? exitOf(s.mode, heightMm).slot : undefined
  const figure = slot !== undefined ? `${slot} / ${slots}` : typeof heightMm === 'number' ? `${formatNumber(heightMm, 0)} mm` : undefined // prettier-ignore
  return { kind: 'exit', slots, slot, figure, rule: strapRuleOf(s.mode) }
}

/** The guides of the belt in the order it meets them, as the steps call them. */
const guidesOf = ({ route, position }: FittedSubject): readonly DrawnGuide[] =>
  (route.belt?.path ?? []).map((guide) => ({
    text: guideLine({ guide, carSide: carSideOf(guide.side, position) }).replace(/\.$/, ''),
    colour: GUIDE_COLOURS.find((colour) => new RegExp(`\\b${colour}\\b`, 'i').test(guide.mark)),
  }))

/** The belt's way through its guides: over the shell from the side, or over the child from the front. */
export const beltScene = (s: FittedSubject): Scene =>
  isIntegral(s.mode) ? { ...sideOf(s, 'belt'), guides: guidesOf(s) } : boosterScene(s, 'guides')

/** Names of the padding that is in the shell, once it has been noted; none where the mode has none. */
function insertsIn({ mode, settings }: FittedSubject): readonly string[] | undefined {
  if (mode.inserts?.length === 0) return []
  const inside = settings.insertsIn?.value
  return inside && (mode.inserts ?? []).filter((i) => inside.includes(i.id)).map((i) => i.name)
}

const sideOf = (s: FittedSubject, focus: SideFocus) =>
  ({ kind: 'side', focus, section: sectionOf(s), direction: s.mode.direction }) as const
export const sideScene = (s: FittedSubject, focus: SideFocus, figure?: string, detail?: string): Scene => ({
  ...sideOf(s, focus),
  figure,
  detail,
})

/** Over which shoulder the car's belt comes down: that of the side it hangs on. */
const shoulderSide = ({ position }: FittedSubject): 'left' | 'right' | undefined =>
  position.side === 'centre' ? undefined : position.side

export const boosterScene = (
  s: FittedSubject,
  focus: Extract<Scene, { kind: 'booster' }>['focus'],
  figure?: string,
): Scene => ({
  kind: 'booster',
  focus,
  hasBack: s.mode.shape !== 'booster-cushion',
  shoulder: shoulderSide(s),
  guides: guidesOf(s),
  figure,
})

export const harnessScene = (
  s: FittedSubject,
  focus: Extract<Scene, { kind: 'harness' }>['focus'],
  figure?: string,
): Scene => ({ kind: 'harness', focus, heldBy: s.mode.heldBy === 'shield' ? 'shield' : 'harness', figure, inserts: insertsIn(s) }) // prettier-ignore

export const connectorsScene = (
  { route, position }: FittedSubject,
  focus: Extract<Scene, { kind: 'connectors' }>['focus'],
  side: 'left' | 'right' | 'both',
): Scene => ({
  kind: 'connectors',
  focus,
  side,
  connectors: route.isofix?.connectors ?? 'rigid',
  easierSide: position.isofix?.easierSide,
})

/** How this route keeps the belt tight. */
export function lockScene(s: FittedSubject): Scene {
  const lock = s.route.belt?.lock
  switch (lock?.kind) {
    case 'lock-off': {
      const carSide = carSideOf(lock.side, s.position)
      return { kind: 'lock', focus: 'lock-off', section: lock.section, side: carSide ?? lock.side.replace('-', ' ') }
    }
    case 'locking-clip':
      return { kind: 'lock', focus: 'clip', section: lock.section ?? 'both', figure: `${formatNumber(lock.fromTongueMm)} mm` } // prettier-ignore
    case 'switchable-retractor':
      return { kind: 'lock', focus: 'reel', section: 'diagonal' }
    default:
      return { kind: 'lock', focus: 'tension', section: 'both' }
  }
}

export const tetherScene = (
  { route, position }: FittedSubject,
  focus: Extract<Scene, { kind: 'tether' }>['focus'],
  figure?: string,
): Scene => {
  const where = position.tether?.where
  return {
    kind: 'tether',
    focus,
    path: route.topTether?.headRestraintPath,
    where: where === 'none' ? undefined : where,
    figure,
  }
}

export const footScene = (s: FittedSubject, focus: Extract<Scene, { kind: 'foot' }>['focus']): Scene => ({
  kind: 'foot',
  focus,
  figure: notchFigure(s),
  matMayStay: s.route.leg?.matMayStay === true || s.position.floor?.matMayStay === true,
})

/** A way of holding the child: its own harness, or the car's belt. */
export const heldScene = (s: FittedSubject): Scene =>
  isIntegral(s.mode) ? harnessScene(s, 'tighten') : boosterScene(s, 'whole')
