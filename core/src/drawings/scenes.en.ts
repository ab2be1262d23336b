import { STRAP_RULE_TEXT } from '../fit/index.ts'
import { DIRECTION_FACING } from '../restraint/index.ts'
import type { DrawnGuide } from './drawing.ts'
import type { SceneTexts } from './kinds.ts'
import type { Side, SideFocus } from './scenes/side-view.ts'

/** ", 38°" where there is a figure, nothing else. */
const figured = (figure: string | undefined): string => (figure === undefined ? '' : `: ${figure}`)

const SIDE: Readonly<Record<SideFocus, string>> = {
  whole: 'the restraint on the seat',
  recline: 'the recline, the back surface from vertical in this car',
  angle: 'the back surface from vertical in this car',
  'level-line': 'the maker’s line or indicator on the side of the shell, level with the ground',
  'front-seat': 'the room between the shell and the seat in front',
  'front-seat-distance': 'the seat in front, from the backrest of this place',
  'seat-slide': 'the car’s seat slid on its rails',
  'backrest-latch': 'the latch of the car’s backrest, pulled forward at its top',
  'head-restraint': 'the car’s head restraint',
  'gap-behind': 'a flat hand between base and backrest',
  'gap-under': 'a flat hand between base and cushion',
  'nothing-added': 'under the base and behind the back, where nothing may lie that the maker did not supply',
  'push-home': 'the base pushed against the backrest',
  movement: 'a firm hand at belt path or base, to and fro',
  'rebound-bar': 'the rebound bar ratcheted to the backrest',
  belt: 'the way of the car’s belt',
  weight: 'weight on the shell while the slack is pulled up',
  leg: 'the support leg, its foot flat on the floor',
  notch: 'the notch of the support leg',
  handle: 'the carrying handle',
  clear: 'clear of the car on every side',
  'set-down': 'the restraint set down in its place',
  lift: 'the shell lifted straight up, to feel its latches hold',
  'lower-tethers': 'the lower tethers down to their points',
  sit: 'the child’s hips right back',
  head: 'the head against the maker’s line',
  chin: 'the head lying back, the chin off the chest',
  wedge: 'the wedge under the base',
  'shell-slide': 'the shell slid on its base',
  straps: 'where the straps leave the shell, against the shoulder',
  knees: 'the knees bent at the cushion’s edge',
  'against-backrest': 'the back against the car’s backrest, square to it',
}
/** "notch 6 of 11", from the figure as it is drawn. */
const notchWords = (figure: string): string => {
  const [notch, notches] = figure.split(' / ')
  return notches === undefined ? `notch ${figure}` : `notch ${notch} of ${notches}`
}
const sideSays = ({ focus, direction, figure, detail, guides = [] }: Side): string =>
  `From the side, ${DIRECTION_FACING[direction]}: ${SIDE[focus]}${figured(figure !== undefined && (focus === 'leg' || focus === 'notch') ? notchWords(figure) : figure)}${detail === undefined ? '' : `; ${detail.replace(/\.$/, '')}`}${guides.length === 0 ? '' : `; ${list(guides)}`}.`

const list = (guides: readonly DrawnGuide[]): string => guides.map(({ text }, i) => `${i + 1} ${text}`).join('; ')
const shoulderOf = (shoulder: 'left' | 'right' | undefined): string =>
  shoulder === undefined ? 'the shoulder' : `the child’s ${shoulder} shoulder`

export const SCENES_EN: SceneTexts = {
  inside: { left: 'left', right: 'right', first: 'first', door: 'door', on: 'on', off: 'off' },
  says: {
    side: sideSays,
    connectors: ({ focus, side, connectors, easierSide }) => {
      const which = side === 'both' ? 'both connectors' : `the ${side} connector`
      const what = {
        push: `${which} pushed on${connectors === 'strap' ? ', on their straps' : ''}${easierSide === undefined ? '' : `, the ${easierSide} one first`}`,
        window: `the indicator of ${which}, full when latched, empty when open`,
        tug: `${side === 'both' ? 'both arms' : `the ${side} arm`} pulled back hard, alone`,
        straps: `the straps of ${which} pulled tight and flat`,
      }[focus]
      return `From above, the front of the car upward: ${what}.`
    },
    foot: ({ focus, figure, matMayStay }) => {
      const what = {
        contact: `the foot flat on the ${matMayStay ? 'floor or the mat that may stay' : 'bare floor, mat out'}`,
        window: 'the indicator at the foot, full when good, empty when bad',
        box: 'the box in the floor under the foot, filled or propped',
      }[focus]
      return `The support leg: ${what}${figure === undefined ? '' : `; ${notchWords(figure)}`}.`
    },
    tether: ({ focus, path, where, figure }) => {
      const ways = {
        over: 'over the head restraint',
        under: 'under the head restraint',
        'round-both-sides': 'round both sides of the head restraint',
        free: 'straight down',
      }
      const way = path === undefined ? 'on the path that the manual shows' : ways[path]
      const anchorage = where === undefined ? 'an anchorage that nobody has looked for' : `the anchorage: ${where.replace('-', ' ')}` // prettier-ignore
      const what = {
        path: `the top tether flat ${way}, to ${anchorage}`,
        point: `${anchorage}, marked; a loose luggage ring is not one`,
        indicator: `the tension indicator on the strap${figured(figure)}`,
      }[focus]
      return `The seat from behind: ${what}.`
    },
    plan: ({ focus, doorSide, direction, beside = ['left', 'right'] }) => {
      const door = doorSide === undefined ? '' : `, the nearer door on the ${doorSide}`
      const what = {
        'head-end': doorSide === undefined ? 'the child’s head away from the door' : `the child’s head on the ${doorSide === 'left' ? 'right' : 'left'}, away from the door`, // prettier-ignore
        pod: `the side pod out${doorSide === undefined ? ' on the side of the nearer door' : ` on the ${doorSide}, the door side`}`,
        console: 'the console before this place taken out',
        clear: 'clear of the car on every side',
        place: `this place${door}`,
        beside: `room to what stands on the ${beside.join(' and on the ')}, and for a hand at each buckle between`,
      }[focus]
      return `From above, the front of the car upward, ${DIRECTION_FACING[direction]}: ${what}.`
    },
    harness: ({ focus, heldBy, figure, inserts }) => {
      const held = heldBy === 'shield' ? 'the shield' : 'the harness'
      const padding =
        inserts === undefined
          ? 'padding not recorded yet'
          : inserts.length === 0
            ? 'no padding in'
            : `in it: ${inserts.join(', ')}`
      const what = {
        seated: `hips right back in the shell, ${padding}`,
        tighten: `${held} tightened at the adjuster`,
        buckle: heldBy === 'shield' ? 'the shield latched on both sides' : 'the tongues pressed into the buckle',
        slack: `the strap lifted off the collar bone${figured(figure)}`,
        pinch: 'two fingers that try to pinch a fold in the strap at the collar bone',
        twist: 'a finger down each strap, from shell to buckle',
        pressure: 'straps and head support at the sides, lying easily',
        coat: 'the coat, off before the straps are tightened',
        'coat-measure': `the slack that a coat hides${figured(figure)}`,
        crown: `from the crown up to the edge of the shell${figured(figure)}`,
        padding: `the padding in the shell; ${padding}`,
      }[focus]
      return `The child in the shell from the front: ${what}.`
    },
    booster: ({ focus, shoulder, guides, figure }) => {
      const over = shoulderOf(shoulder)
      const what = {
        whole: `the diagonal over the middle of ${over}, the lap section low on the hips`,
        guides: `the belt through its guides: ${guides.length === 0 ? 'none listed' : list(guides)}`,
        diagonal: `the diagonal over the middle of ${over}, neither at the neck nor off towards the arm`,
        lap: 'the lap section low on the hips, under both arm rests',
        buckle: 'the tongue pressed into the car’s buckle',
        'guide-height': `the belt guide above the top of ${over}${figured(figure)}`,
        'guide-set': `the belt guide above the seat that the child sits on${figured(figure)}`,
        gate: 'the diagonal in its shoulder guide, the gate shut',
        slack: 'the diagonal drawn towards its reel until it is snug',
        runs: 'the diagonal pulled slowly: it gives, and winds back',
        twist: 'lap and diagonal section without a turn',
        crotch: 'the lap section through the guide between the legs',
      }[focus]
      return `The child from the front: ${what}.`
    },
    lock: ({ focus, section, side, figure }) => {
      const belt = section === 'both' ? 'both sections' : `the ${section} section`
      const what = {
        clip: `the locking clip on ${belt}${figure === undefined ? '' : `, ${figure} from the tongue`}`,
        'lock-off': `the lock-off over ${belt}${side === undefined ? '' : ` on the ${side}`}, shut`,
        reel: 'the reel: the belt pulled right out slowly, then let back a little',
        tension: 'the slack pulled up at the tongue; the belt does not lift or run',
      }[focus]
      return `The belt near its tongue: ${what}.`
    },
    buckle: ({ focus, figure }) =>
      focus === 'height'
        ? `The car’s buckle beside the belt path: its top against the edge${figured(figure)}.`
        : 'The car’s buckle beside the frame: hanging free, and not bent over the frame’s edge.',
    exit: ({ slot, slots, figure, rule }) =>
      `The strap where it leaves the shell: ${STRAP_RULE_TEXT[rule]}${slot === undefined ? (figure === undefined ? '' : `; ${figure} above the seat`) : `; slot ${slot} of ${slots}`}.`,
    twist: ({ of }) =>
      `Two ${of === 'harness' ? 'harness straps' : 'belts'} side by side: one lies flat, one has a turn in it.`,
    label: ({ regulation, serial }) =>
      `The approval label (${regulation}) and the serial on the shell: ${serial ?? 'not entered yet'}.`,
    lamp: ({ mustBe }) =>
      `The passenger airbag’s lamp on the dashboard: ${mustBe === 'as-stated' ? 'as handbook and manual ask' : mustBe}.`,
    turn: ({ focus, direction }) =>
      focus === 'lock'
        ? `The shell on its base from above: turned ${DIRECTION_FACING[direction]} until it locks, and tried to turn on.`
        : 'The shell on its base from above: the guard that blocks the forward direction.',
    handle: ({ travelPosition }) => `The carrying handle in its travel position: ${travelPosition}.`,
  },
}
