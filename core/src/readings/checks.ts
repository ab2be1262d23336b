import type { Decision } from '../quantities/index.ts'

/**
 * Everything a fitter can be asked to look at, feel or measure once a mode,
 * route and place are chosen. An option carries its own decision; a number is
 * judged by the rule that asks for it.
 */

export interface CheckOption {
  readonly id: string
  readonly label: string
  /** `by-rule`: whether it is good depends on the mode; the rule decides. */
  readonly means: Decision | 'by-rule'
}

interface CheckBase {
  /** What is asked, as a short noun phrase. */
  readonly label: string
  /** How to look, feel or measure. */
  readonly how: string
  readonly stage: 'attach' | 'child-in'
}
export interface OptionCheck extends CheckBase {
  readonly kind: 'options'
  readonly options: readonly CheckOption[]
  /** The state before is noted too: an indicator that was seen to change works. */
  readonly notesBefore?: boolean
  /** Something that shows, sounds or feels: how it was noticed is noted. */
  readonly isProof?: boolean
  /** What to do when it is not good. */
  readonly remedy: string
}
export interface NumberCheck extends CheckBase {
  readonly kind: 'number'
  readonly unit: string
  readonly min: number
  readonly max: number
  readonly defaultPlusMinus: number
}
export type Check = OptionCheck | NumberCheck

const good = (id: string, label: string): CheckOption => ({ id, label, means: 'pass' })
const bad = (id: string, label: string): CheckOption => ({ id, label, means: 'fail' })
const unsure = (label = 'cannot tell'): CheckOption => ({ id: 'unsure', label, means: 'undecided' })
const byRule = (id: string, label: string): CheckOption => ({ id, label, means: 'by-rule' })

const latch = (side: string): OptionCheck => ({
  kind: 'options',
  stage: 'attach',
  label: `${side} indicator`,
  how: `Look at the ${side.toLowerCase()} connector’s own indicator; feel or listen where it is out of sight.`,
  options: [good('latched', 'shows latched'), bad('open', 'shows open'), unsure('cannot be seen or felt')],
  notesBefore: true,
  isProof: true,
  remedy: `Release the ${side.toLowerCase()} connector, clear the bar, and push until it clicks.`,
})
const tug = (side: string): OptionCheck => ({
  kind: 'options',
  stage: 'attach',
  label: `${side} tug`,
  how: `Pull the ${side.toLowerCase()} arm back hard, on its own.`,
  options: [good('held', 'held'), bad('gave', 'came off'), unsure('not reached')],
  remedy: `The ${side.toLowerCase()} connector is not on its bar, whatever the indicator says. Release it and latch it again.`,
})

export const CHECKS = {
  'airbag-lamp': {
    kind: 'options', stage: 'attach', label: 'Airbag lamp',
    how: 'Switch the passenger airbag off, ignition on, and look for the lamp that says so.',
    options: [good('off-seen', 'seen off'), bad('on', 'airbag on'), unsure()],
    remedy: 'Switch the airbag off and see its lamp, or use another place.',
  },
  'seat-fully-back': {
    kind: 'options', stage: 'attach', label: 'Front place set back',
    how: 'Slide this seat fully back, and set height and backrest as the handbook asks for a child in front.',
    options: [good('back', 'fully back, as the handbook says'), bad('forward', 'further forward'), unsure()],
    remedy: 'Slide the seat fully back and set it as the handbook says, or use a place in the back.',
  },
  'latch-left': latch('Left'),
  'latch-right': latch('Right'),
  'tug-left': tug('Left'),
  'tug-right': tug('Right'),
  'pushed-home': {
    kind: 'options', stage: 'attach', label: 'Pushed home',
    how: 'Push or ratchet the base against the backrest until it goes no further.',
    options: [good('yes', 'against the backrest'), bad('no', 'a gap remains'), unsure()],
    remedy: 'Push it home; where arms run back in, thumb each arm instead of pushing the shell.',
  },
  'base-gap': {
    kind: 'options', stage: 'attach', label: 'Behind and under the base',
    how: 'Look, and feel with a flat hand, between the base and the backrest and under it.',
    options: [good('none', 'no gap'), byRule('gap', 'a gap'), unsure()],
    remedy: 'Push the base home; take off a head restraint that holds it away; or use another place.',
  },
  'connector-straps': {
    kind: 'options', stage: 'attach', label: 'Connector straps',
    how: 'Pull each connector strap tight and look that it lies flat.',
    options: [good('tight', 'tight and flat'), bad('slack', 'slack or twisted'), unsure()],
    remedy: 'Kneel in the seat, pull each strap tight and lay it flat.',
  },
  'leg-indicator': {
    kind: 'options', stage: 'attach', label: 'Leg indicator',
    how: 'Look at the foot’s indicator; where there are two, both.',
    isProof: true, notesBefore: true,
    options: [good('good', 'shows good'), bad('bad', 'shows bad'), unsure()],
    remedy: 'Lengthen or shorten the leg one notch and look again.',
  },
  'leg-contact': {
    kind: 'options', stage: 'attach', label: 'Leg on the floor',
    how: 'Press on the foot: it stands flat on the bare floor, mat out, base not lifted.',
    options: [good('flat', 'flat on the floor'), bad('gap', 'gap or tilted'), bad('on-mat', 'on a mat or packing'), unsure()],
    remedy: 'Take the mat out, pack nothing under the foot, and set the notch so that it stands.',
  },
  'tether-point': {
    kind: 'options', stage: 'attach', label: 'Tether hooked to',
    how: 'Find the anchorage in the handbook; a luggage ring looks much like one.',
    options: [good('anchorage', 'the marked anchorage'), bad('luggage-ring', 'a luggage ring'), unsure('something not marked')],
    remedy: 'Hook it to the marked tether anchorage only; if there is none, choose another place or route.',
  },
  'tether-indicator-mm': {
    kind: 'number', stage: 'attach', label: 'Good shown on the tether', unit: 'mm', min: 0, max: 200, defaultPlusMinus: 2,
    how: 'How much of “good” the tension indicator shows; a finger is about 15 mm.',
  },
  'tether-flat': {
    kind: 'options', stage: 'attach', label: 'Tether strap',
    how: 'Run a hand along the whole strap, over or round the head restraint as the maker says.',
    options: [good('flat', 'flat, on its path'), bad('twisted', 'twisted or off its path'), unsure()],
    remedy: 'Slacken, lay it flat on the path the maker shows, and tighten again.',
  },
  'lower-tethers': {
    kind: 'options', stage: 'attach', label: 'Lower tethers',
    how: 'Tighten in turn and wiggle the shell until the ratchets stop clicking.',
    isProof: true,
    options: [good('tight', 'both tight, clicks ceased'), bad('loose', 'one loose or still clicking'), unsure()],
    remedy: 'Wiggle the shell and tighten each side in turn until neither clicks.',
  },
  'belt-path': {
    kind: 'options', stage: 'attach', label: 'Belt path',
    how: 'Follow the belt with a finger through every guide of this direction.',
    options: [good('as-listed', 'every guide, as listed'), bad('guide-missed', 'a guide is missed'), bad('other-direction', 'in the other direction’s path'), unsure()],
    remedy: 'Unthread the belt and follow the listed guides for this direction.',
  },
  'belt-twist': {
    kind: 'options', stage: 'attach', label: 'Belt twist',
    how: 'Look along lap and diagonal section for a turn.',
    options: [good('none', 'no twist'), bad('twisted', 'twisted'), unsure()],
    remedy: 'Unbuckle, turn the belt flat, buckle again.',
  },
  'belt-locked': {
    kind: 'options', stage: 'attach', label: 'Belt locked',
    how: 'Pull at the belt behind the lock: it must not run.',
    isProof: true,
    options: [good('locked', 'does not run'), bad('runs', 'still runs'), unsure()],
    remedy: 'Put your weight on the seat, pull the slack from the lap section up through the tongue, then lock.',
  },
  'buckle-above-edge-mm': {
    kind: 'number', stage: 'attach', label: 'Buckle top above the belt-path edge', unit: 'mm', min: -200, max: 200, defaultPlusMinus: 2,
    how: 'Measure from the edge of the belt path up to the top of the vehicle buckle; below the edge counts negative.',
  },
  'front-seat': {
    kind: 'options', stage: 'attach', label: 'Front seat and shell',
    how: 'Set the front seat where the tallest driver has it and look between.',
    options: [byRule('clear', 'a clear gap'), byRule('touching', 'touching'), byRule('pressing', 'pressing hard'), unsure()],
    remedy: 'Set the front seat as the maker asks, or use another place.',
  },
  'shell-on-base': {
    kind: 'options', stage: 'attach', label: 'Shell on its base',
    how: 'Lift the shell straight up by its handle.',
    isProof: true, notesBefore: true,
    options: [good('held', 'latched, held'), bad('lifts', 'lifts off'), unsure()],
    remedy: 'Set the shell down again until both latches click.',
  },
  'carry-handle': {
    kind: 'options', stage: 'attach', label: 'Carrying handle',
    how: 'Compare the handle with the travel position in the maker’s manual.',
    options: [good('travel', 'in travel position'), bad('other', 'in another position'), unsure()],
    remedy: 'Move the handle to the position the maker gives for travel.',
  },
  'head-inboard': {
    kind: 'options', stage: 'attach', label: 'Child’s head end',
    how: 'Lying across the car, the head is away from the door.',
    options: [good('inboard', 'away from the door'), bad('at-door', 'at the door'), unsure()],
    remedy: 'Turn the carry-cot so that the head lies away from the door.',
  },
  'steadiness-mm': {
    kind: 'number', stage: 'attach', label: 'Movement at the base', unit: 'mm', min: 0, max: 300, defaultPlusMinus: 3,
    how: 'Firm hand at the belt path or base, side to side and fore and aft. Not at the top of a rearward shell.',
  },
  'shell-angle-deg': {
    kind: 'number', stage: 'attach', label: 'Shell angle, measured', unit: '°', min: 0, max: 90, defaultPlusMinus: 1,
    how: 'Inclinometer on the back surface, from vertical.',
  },
  'strap-exit': {
    kind: 'options', stage: 'child-in', label: 'Straps leave the shell',
    how: 'Look from the side, child’s hips right back: where the strap leaves the shell against the top of the shoulder.',
    options: [byRule('just-below', 'just below the shoulder'), byRule('level', 'level with it'), byRule('just-above', 'just above it'), bad('far-off', 'more than 30 mm off'), unsure()],
    remedy: 'Set the slot or head support as the set-up stage says, then look again.',
  },
  'slack-mm': {
    kind: 'number', stage: 'child-in', label: 'Harness slack', unit: 'mm', min: 0, max: 150, defaultPlusMinus: 2,
    how: 'How far the strap lifts off the collar bone under a light pull; one finger is about 15 mm.',
  },
  'slack-pinch': {
    kind: 'options', stage: 'child-in', label: 'Harness slack, pinched',
    how: 'Try to pinch a fold in the strap, lengthwise at the collar bone.',
    options: [good('none', 'nothing to pinch'), bad('fold', 'a fold can be pinched'), unsure()],
    remedy: 'Pull the slack up from the hips, then tighten at the adjuster.',
  },
  'strap-pressure': {
    kind: 'options', stage: 'child-in', label: 'Straps and head support',
    how: 'The straps must not dig in, nor the head support wedge the child.',
    options: [good('comfortable', 'lie easily'), bad('digs-in', 'dig in or wedge'), unsure()],
    remedy: 'Let the adjuster out a little, or raise the head support one step.',
  },
  'strap-twist': {
    kind: 'options', stage: 'child-in', label: 'Harness twist',
    how: 'Run a finger down each strap from shell to buckle.',
    options: [good('none', 'no twist'), bad('twisted', 'twisted'), unsure()],
    remedy: 'Fold the strap to a triangle and slide the tongue back over it until it lies flat.',
  },
  'harness-buckle': {
    kind: 'options', stage: 'child-in', label: 'Harness buckle',
    how: 'Both tongues in, a click, then pull at each.',
    isProof: true,
    options: [good('held', 'clicked and held'), bad('open', 'a tongue is loose'), unsure()],
    remedy: 'Put both tongues together, push until it clicks, and pull at each.',
  },
  coat: {
    kind: 'options', stage: 'child-in', label: 'Under the harness',
    how: 'What the child wears under the straps.',
    options: [good('indoor', 'indoor clothes'), byRule('coat', 'a coat or thick suit'), unsure()],
    remedy: 'Coat off; buckle and tighten again, and lay the coat over the straps.',
  },
  'coat-hides-mm': {
    kind: 'number', stage: 'child-in', label: 'Slack hidden by the coat', unit: 'mm', min: 0, max: 150, defaultPlusMinus: 2,
    how: 'Tighten with the coat on, take it off without touching the adjuster, buckle again, and measure the slack.',
  },
  'turn-lock': {
    kind: 'options', stage: 'child-in', label: 'Turn lock',
    how: 'Turn the shell back to its travel direction, and try to turn it on.',
    isProof: true, notesBefore: true,
    options: [good('locked', 'locked for this direction'), bad('turns', 'still turns'), unsure()],
    remedy: 'Turn until it locks; nothing may lie under the shell.',
  },
  'side-pod': {
    kind: 'options', stage: 'child-in', label: 'Side pod',
    how: 'The pod on the side of the nearer door is out; the other is folded away.',
    options: [good('door-side', 'out on the door side'), bad('other', 'folded, or on the other side'), unsure()],
    remedy: 'Fold out the pod on the side of the nearer door, and fold the other away.',
  },
  head: {
    kind: 'options', stage: 'child-in', label: 'Head',
    how: 'Look from the side at eye height, with the line that the maker’s rule names.',
    options: [good('inside', 'within the maker’s line'), bad('above', 'above it'), unsure()],
    remedy: 'Raise the head support; if it is at its top, the restraint is outgrown.',
  },
  'crown-below-edge-mm': {
    kind: 'number', stage: 'child-in', label: 'Crown below the shell edge', unit: 'mm', min: -150, max: 400, defaultPlusMinus: 3,
    how: 'From the crown up to the edge of the shell; above the edge counts negative.',
  },
  'guide-above-shoulder-mm': {
    kind: 'number', stage: 'child-in', label: 'Belt guide above the shoulder', unit: 'mm', min: -200, max: 300, defaultPlusMinus: 3,
    how: 'From the top of the shoulder up to the diagonal guide.',
  },
  diagonal: {
    kind: 'options', stage: 'child-in', label: 'Diagonal section',
    how: 'Where it crosses the shoulder.',
    options: [good('middle', 'over the middle of the shoulder'), bad('neck', 'at the neck'), bad('arm', 'off towards the arm or under it'), unsure()],
    remedy: 'Move the guide so that the belt crosses the middle of the shoulder, between neck and arm.',
  },
  'lap-section': {
    kind: 'options', stage: 'child-in', label: 'Lap section',
    how: 'Low on the hips, on the thighs, under both arm rests.',
    options: [good('low', 'low, under both arm rests'), bad('belly', 'on the belly'), bad('over-rest', 'over an arm rest'), unsure()],
    remedy: 'Hips back, lap belt under both arm rests and down on the thighs, then pull the slack out.',
  },
  knees: {
    kind: 'options', stage: 'child-in', label: 'Knees',
    how: 'Sitting right back, the knees bend at the cushion’s edge.',
    options: [good('bend', 'bend at the edge'), bad('short', 'do not reach the edge'), unsure()],
    remedy: 'A child whose knees do not reach will slump: choose a restraint with a shorter seat.',
  },
} as const satisfies Record<string, Check> // prettier-ignore

export type CheckId = keyof typeof CHECKS
export const CHECK_IDS = Object.keys(CHECKS) as CheckId[]
export const checkOf = (id: CheckId): Check => CHECKS[id]
export const optionOf = (id: CheckId, option: string): CheckOption | undefined => {
  const check = checkOf(id)
  return check.kind === 'options' ? check.options.find((o) => o.id === option) : undefined
}
