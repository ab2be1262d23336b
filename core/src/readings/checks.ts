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
  /** Bad in itself, should it be recorded where no rule asks for it. */
  readonly isBadAlone?: boolean
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
  /** Beyond these no school and no maker calls it good: it counts even where no rule asks for it. */
  readonly neverGood?: { readonly below?: number; readonly above?: number }
}
export type Check = OptionCheck | NumberCheck

const good = (id: string, label: string): CheckOption => ({ id, label, means: 'pass' })
const bad = (id: string, label: string): CheckOption => ({ id, label, means: 'fail' })
const unsure = (label = 'cannot tell'): CheckOption => ({ id: 'unsure', label, means: 'undecided' })
const byRule = (id: string, label: string): CheckOption => ({ id, label, means: 'by-rule' })

const badAlone = (id: string, label: string): CheckOption => ({ id, label, means: 'by-rule', isBadAlone: true })
const gap = (label: string, how: string): OptionCheck => ({
  kind: 'options',
  stage: 'attach',
  label,
  how,
  options: [good('none', 'no gap'), badAlone('gap', 'a gap'), unsure()],
  remedy: 'Push the base home; take off a head restraint that holds it away; or use another place.',
})
const used = (label: string, how: string): OptionCheck => ({
  kind: 'options',
  stage: 'attach',
  label,
  how,
  options: [good('hooked', 'hooked'), byRule('left-off', 'left off'), unsure()],
  remedy: 'Hook it and tighten it: it lessens how far head and shell go.',
})

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
  'label-serial': {
    kind: 'options', stage: 'attach', label: 'Label and serial',
    how: 'Read the approval label and the serial on the shell, and hold both against the entry.',
    options: [good('match', 'read today, both match'), bad('differs', 'something differs'), unsure('cannot be read')],
    remedy: 'Find the entry and the manual that belong to this label; until then it is another restraint.',
  },
  'backrest-latched': {
    kind: 'options', stage: 'attach', label: 'Vehicle backrest latched',
    how: 'Pull the backrest forward; the red mark at its latch is hidden. One that does not fold is good.',
    options: [good('latched', 'holds, or does not fold'), bad('open', 'gives, or red shows'), unsure()],
    remedy: 'Push the backrest into its latch until the mark is hidden, clear of belts.',
  },
  'nothing-added': {
    kind: 'options', stage: 'attach', label: 'Things the maker did not supply',
    how: 'Look under the base, behind the back and at the harness: no mat, pad, strap clip or cushion of another make.',
    options: [good('none', 'none'), bad('added', 'something is there'), unsure()],
    remedy: 'Take it out: the restraint was tested without it.',
  },
  'bench-set': {
    kind: 'options', stage: 'attach', label: 'Seat set as the handbook asks',
    how: 'Slide the seat or bench to the setting that the handbook asks for, and see it latched.',
    options: [good('set', 'set, latched'), bad('other', 'in another place'), unsure()],
    remedy: 'Slide it to the handbook’s setting, or use another place.',
  },
  'console-out': {
    kind: 'options', stage: 'attach', label: 'Removable console',
    how: 'The console before this place is out, and stowed.',
    options: [good('out', 'out and stowed'), bad('in', 'still in'), unsure()],
    remedy: 'Take the console out before the restraint goes in.',
  },
  'floor-box': {
    kind: 'options', stage: 'attach', label: 'Floor box under the leg',
    how: 'Open the box: it is filled or propped as the handbook says, so that its lid bears.',
    options: [good('propped', 'filled or propped'), bad('hollow', 'hollow'), unsure()],
    remedy: 'Fill or prop the box as the handbook shows, or use another place or a route without a leg.',
  },
  retractor: {
    kind: 'options', stage: 'attach', label: 'Retractor, tested',
    how: 'Pull the belt slowly right out and let it back a little. It clicks and will not give: switchable. A sharp tug locks it: emergency-locking. It does not wind: static.',
    options: [byRule('emergency-locking', 'emergency-locking'), byRule('switchable', 'switchable'), byRule('static', 'static'), unsure()],
    remedy: 'Use another lock, route or place.',
  },
  'airbag-lamp': {
    kind: 'options', stage: 'attach', label: 'Airbag lamp',
    how: 'Ignition on; switch the passenger airbag as it must be, and look for the lamp that says so.',
    options: [byRule('off-seen', 'seen off'), byRule('on', 'airbag on'), unsure()],
    remedy: 'Switch the airbag as it must be and see its lamp, or use another place.',
  },
  'seat-fully-back': {
    kind: 'options', stage: 'attach', label: 'Front place set back',
    how: 'Slide this seat as far back as handbook and belt allow, and set height and backrest as the handbook asks for a child in front.',
    options: [good('back', 'fully back, as the handbook says'), bad('forward', 'further forward'), unsure()],
    remedy: 'Slide the seat back and set it as the handbook says, or use a place in the back.',
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
  'gap-behind': gap('Gap behind the base', 'Look, and feel with a flat hand, between the base and the backrest.'),
  'gap-under': gap('Gap under the base', 'Look, and feel with a flat hand, between the base and the cushion.'),
  'rebound-bar': {
    kind: 'options', stage: 'attach', label: 'Rebound bar',
    how: 'Ratchet the bar towards the backrest until its last loud click.',
    isProof: true,
    options: [good('last-click', 'at its last loud click'), bad('short', 'not against the backrest'), unsure()],
    remedy: 'Ratchet it on until the last loud click.',
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
    options: [good('flat', 'flat on the floor'), bad('gap', 'gap or tilted'), badAlone('on-mat', 'flat, on the mat'), bad('packed', 'on packing'), unsure()],
    remedy: 'Take the mat out, pack nothing under the foot, and set the notch so that it stands.',
  },
  'tether-used': used('Top tether', 'The maker advises it: hook it where there is an anchorage.'),
  'tether-point': {
    kind: 'options', stage: 'attach', label: 'Tether hooked to',
    how: 'Find the anchorage in the handbook; a luggage ring looks much like one.',
    options: [good('anchorage', 'the marked anchorage'), bad('luggage-ring', 'a luggage ring'), unsure('something not marked')],
    remedy: 'Hook it to the marked tether anchorage only; if there is none, choose another place or route.',
  },
  'tether-indicator-mm': {
    kind: 'number', stage: 'attach', label: 'Good shown on the tether', unit: 'mm', min: 0, max: 200, defaultPlusMinus: 2,
    neverGood: { below: 1 },
    how: 'How much of “good” the tension indicator shows; a finger is about 15 mm.',
  },
  'tether-flat': {
    kind: 'options', stage: 'attach', label: 'Tether strap',
    how: 'Run a hand along the whole strap, over or round the head restraint as the maker says.',
    options: [good('flat', 'flat, on its path'), bad('twisted', 'twisted or off its path'), unsure()],
    remedy: 'Slacken, lay it flat on the path the maker shows, and tighten again.',
  },
  'lower-tethers-used': used('Lower tethers', 'The maker advises them: hook both where there are points.'),
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
  'belt-tension': {
    kind: 'options', stage: 'attach', label: 'Belt tension',
    how: 'Weight on the shell; pull the slack up at the tongue, then try to lift the lap section off the shell.',
    options: [good('tight', 'tight, lies close'), bad('slack', 'some can be lifted'), unsure()],
    remedy: 'Put your weight on it, pull the diagonal up at the tongue, and feed the spare belt back.',
  },
  'locking-clip': {
    kind: 'options', stage: 'attach', label: 'Locking clip',
    how: 'Look where the loose clip sits: on its section of the belt, at the distance from the tongue that the maker gives, both arms over the belt.',
    options: [good('placed', 'in its place, closed'), bad('wrong', 'elsewhere, or open'), unsure()],
    remedy: 'Take it off, hold the tension at the tongue, and put it on at its place.',
  },
  'buckle-clear': {
    kind: 'options', stage: 'attach', label: 'Buckle and stalk',
    how: 'Look at the buckle’s side: neither buckle nor stalk bears on the frame or bends round its edge.',
    options: [good('clear', 'clear of the frame'), bad('bearing', 'bears on the frame'), unsure()],
    remedy: 'Thread it so that the buckle lies free; if it cannot, another route, place or restraint.',
  },
  'buckle-above-edge-mm': {
    kind: 'number', stage: 'attach', label: 'Buckle top above the belt-path edge', unit: 'mm', min: -200, max: 200, defaultPlusMinus: 2,
    neverGood: { above: 0 },
    how: 'Measure from the edge of the belt path up to the top of the vehicle buckle; below the edge counts negative.',
  },
  'front-seat': {
    kind: 'options', stage: 'attach', label: 'Front seat and shell',
    how: 'Set the front seat where the tallest driver has it and look between.',
    options: [byRule('clear', 'a clear gap'), byRule('touching', 'touching'), badAlone('pressing', 'pressing hard'), unsure()],
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
  'steadiness-felt': {
    kind: 'options', stage: 'attach', label: 'Movement, felt',
    how: 'Firm hand at the belt path or base, side to side and fore and aft. Not at the top of a rearward shell.',
    options: [good('none', 'none to be felt'), bad('felt', 'some is felt'), unsure()],
    remedy: 'Put weight on it, tighten the belt or push the base home, and test again.',
  },
  'steadiness-mm': {
    kind: 'number', stage: 'attach', label: 'Movement at the base', unit: 'mm', min: 0, max: 300, defaultPlusMinus: 3,
    neverGood: { above: 60 },
    how: 'Firm hand at the belt path or base, side to side and fore and aft. Not at the top of a rearward shell.',
  },
  'angle-proof': {
    kind: 'options', stage: 'attach', label: 'Maker’s own proof of the angle',
    how: 'Look at the maker’s line or indicator with the car on level ground; a fixed base stands fully on the seat.',
    isProof: true,
    options: [good('good', 'shows good'), bad('off', 'shows off'), unsure()],
    remedy: 'Change the recline, or the wedge where the maker allows it, until it shows good.',
  },
  'shell-angle-deg': {
    kind: 'number', stage: 'attach', label: 'Shell angle, measured', unit: '°', min: 0, max: 90, defaultPlusMinus: 1,
    how: 'Inclinometer on the back surface, from vertical.',
  },
  'strap-exit': {
    kind: 'options', stage: 'child-in', label: 'Straps leave the shell',
    how: 'Look from the side, child’s hips right back: where the strap leaves the shell against the top of the shoulder.',
    options: [byRule('just-below', 'just below the shoulder'), byRule('level', 'level with it'), byRule('just-above', 'just above it'), byRule('far-off', 'further off than just'), unsure()],
    remedy: 'Set the slot or head support as the set-up stage says, then look again.',
  },
  'slack-mm': {
    kind: 'number', stage: 'child-in', label: 'Harness slack', unit: 'mm', min: 0, max: 150, defaultPlusMinus: 2,
    neverGood: { above: 60 },
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
    neverGood: { above: 10 },
    how: 'Tighten with the coat on, take it off without touching the adjuster, buckle again, and measure the slack.',
  },
  'forward-guard': {
    kind: 'options', stage: 'child-in', label: 'Guard against turning forward',
    how: 'Look at the guard that blocks the forward direction.',
    options: [byRule('set', 'set: forward is blocked'), byRule('released', 'released'), unsure()],
    remedy: 'Set the guard as the manual shows until the child may travel forward.',
  },
  chin: {
    kind: 'options', stage: 'child-in', label: 'Head lies back',
    how: 'The head stays back and the chin off the chest, asleep too.',
    options: [good('back', 'lies back, chin free'), bad('forward', 'falls forward, chin down'), unsure()],
    remedy: 'Recline it further where maker and manual allow, straighten the hips, and look again.',
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
    neverGood: { below: 0 },
    how: 'From the crown up to the edge of the shell; above the edge counts negative.',
  },
  'booster-back': {
    kind: 'options', stage: 'child-in', label: 'Booster against the backrest',
    how: 'Its back, or the cushion’s rear edge, lies against the vehicle’s backrest, square to it.',
    options: [good('against', 'against it, square'), bad('away', 'stands off, or askew'), unsure()],
    remedy: 'Push it back; tilt its back or raise the car’s head restraint where it holds it off.',
  },
  'booster-path': {
    kind: 'options', stage: 'child-in', label: 'Belt through every guide',
    how: 'Follow lap and diagonal with a finger through every guide of the booster; at the buckle side the diagonal runs under the arm rest too, unless the maker draws it otherwise.',
    options: [good('as-listed', 'every guide, as listed'), bad('guide-missed', 'a guide is missed'), unsure()],
    remedy: 'Unbuckle and lead the belt through the guides as listed.',
  },
  'booster-twist': {
    kind: 'options', stage: 'child-in', label: 'Belt twist',
    how: 'Look along lap and diagonal section for a turn.',
    options: [good('none', 'no twist'), bad('twisted', 'twisted'), unsure()],
    remedy: 'Unbuckle, turn the belt flat, buckle again.',
  },
  'belt-buckle': {
    kind: 'options', stage: 'child-in', label: 'Vehicle buckle',
    how: 'Tongue in until it clicks, then a pull at it.',
    isProof: true,
    options: [good('held', 'clicked and held'), bad('open', 'not latched'), unsure()],
    remedy: 'Clear the buckle’s mouth and press the tongue in until it clicks.',
  },
  'belt-slack': {
    kind: 'options', stage: 'child-in', label: 'Belt slack',
    how: 'Draw the diagonal towards the retractor; then lift lap and diagonal with a light hand.',
    options: [good('none', 'none to pull out'), bad('slack', 'some can be pulled out'), unsure()],
    remedy: 'Lap down on the thighs, then draw the diagonal towards the retractor until it is snug.',
  },
  'belt-runs': {
    kind: 'options', stage: 'child-in', label: 'Belt free to run',
    how: 'Pull the diagonal slowly: it gives, and winds back. One that ratchets is in its locked state.',
    options: [good('free', 'gives and winds back'), byRule('ratchets', 'ratchets, will not give'), unsure()],
    remedy: 'Let the belt run fully back, and draw it out again only as far as it is needed.',
  },
  'guide-gate': {
    kind: 'options', stage: 'child-in', label: 'Diagonal in its guide',
    how: 'The diagonal lies in the shoulder guide, its gate shut where it has one, any reference line in sight.',
    options: [good('in', 'in it, gate shut'), bad('open', 'beside it, or gate open'), unsure()],
    remedy: 'Press the belt into the guide until its gate shuts.',
  },
  'crotch-guide': {
    kind: 'options', stage: 'child-in', label: 'Guide between the legs',
    how: 'The lap section runs through the guide between the legs.',
    options: [good('through', 'through it'), bad('beside', 'beside it'), unsure()],
    remedy: 'Lead the lap section through the guide between the legs.',
  },
  'guide-above-shoulder-mm': {
    kind: 'number', stage: 'child-in', label: 'Belt guide above the shoulder', unit: 'mm', min: -200, max: 300, defaultPlusMinus: 3,
    neverGood: { below: -50, above: 100 },
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
