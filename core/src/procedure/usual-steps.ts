import { adviseInserts } from '../fit/index.ts'
import { unreachable } from '../quantities/index.ts'
import type { CheckId } from '../checks/index.ts'
import type { Change } from '../readings/index.ts'
import type { BeltUse, UsualStepId } from '../restraint/index.ts'
import type { FittedSubject } from '../rules/index.ts'
import { CHANGES, NEEDS } from './step-order.ts'

/** The usual steps, each with when it is wanted; a maker's own words may stand instead. */

function lockText(belt: BeltUse): string {
  const { lock } = belt
  switch (lock.kind) {
    case 'lock-off':
      return `Close the lock-off on the ${lock.section} section, ${lock.side.replace('-', ' ')}.`
    case 'locking-clip':
      return `Put the locking clip ${lock.section === undefined || lock.section === 'both' ? 'on lap and diagonal together' : `on the ${lock.section} section`}, ${lock.fromTongueMm === 0 ? 'flush with the tongue' : `${lock.fromTongueMm} mm from the tongue`}.`
    case 'switchable-retractor':
      return 'Pull the belt right out until the retractor switches over, then let it wind back tight.'
    case 'tension-only':
      return 'No lock holds the belt: pull it tight as the manual shows.'
    case 'free':
      return 'The belt stays free to run: it holds the child.'
    default:
      return unreachable(lock)
  }
}

const HOW_TEXT = { over: 'over', under: 'under', through: 'through' } as const

/** One line for each guide, in the order the belt meets it. */
export const beltPathLines = (belt: BeltUse): readonly string[] =>
  belt.path.map(
    (g) =>
      `${g.section === 'both' ? 'Lap and diagonal' : g.section === 'lap' ? 'Lap' : 'Diagonal'}: ${HOW_TEXT[g.how]} ${g.mark}, ${g.side.replace('-', ' ')}${g.place === undefined ? '' : `, belt of the place at the ${g.place.replace('-end', ' end')}`}.`,
  )

export interface Draft {
  readonly id: UsualStepId
  readonly stage: 'attach' | 'child-in'
  readonly title: string
  readonly when: boolean
  readonly does: readonly (string | false | undefined)[]
  readonly checks: readonly CheckId[]
  /** Steps that come before it, where the fitting has them. */
  readonly needs: readonly UsualStepId[]
  /** What doing the step over changes: it un-passes what hangs on that. */
  readonly changes: readonly Change[]
}

const draftsOf =
  (stage: Draft['stage']) =>
  (id: UsualStepId, title: string, when: boolean, does: Draft['does'], checks: readonly CheckId[]): Draft => ({
    id,
    stage,
    title,
    when,
    does,
    checks,
    needs: NEEDS[id],
    changes: CHANGES[id] ?? [],
  })

/** Attaching, in the order of work. */
export function attachDrafts(s: FittedSubject): readonly Draft[] {
  const { mode, route, position } = s
  const { isofix, belt, leg, topTether, lowerTethers } = route
  const usesTether = topTether?.use === 'required' || topTether?.use === 'optional'
  const easier = position.isofix?.easierSide
  const isBooster = mode.heldBy === 'vehicle-belt'
  const draft = draftsOf('attach')
  return [
    draft(
      'before',
      'Before anything',
      true,
      [
        'Read the approval label and the serial.',
        'See the vehicle’s backrest latched, and nothing there that the maker did not supply.',
        position.row > 1 && position.slidingTrack?.handbookSetting,
        position.obstacles?.includes('removable-console') && 'Take the removable console out.',
      ],
      ['label-serial', 'backrest-latched', 'nothing-added', 'bench-set', 'console-out'],
    ),
    draft(
      'airbag',
      'Airbag',
      position.frontAirbag !== undefined &&
        position.frontAirbag !== 'none' &&
        (position.row === 1 || mode.direction !== 'forward'),
      [
        mode.direction === 'forward'
          ? 'Set the passenger airbag as handbook and manual say, and look for its lamp.'
          : 'Switch the passenger airbag off and look for its lamp.',
        'It goes on again when an adult sits here.',
      ],
      ['airbag-lamp'],
    ),
    draft(
      'front-place',
      'The front place',
      position.row === 1,
      [
        'A child sits in front only where the handbook and local law allow it.',
        `Slide the seat as far back as handbook and belt allow${position.slidingTrack?.travelMm === undefined ? '' : `; its track is ${position.slidingTrack.travelMm} mm long`}.`,
      ],
      ['seat-fully-back'],
    ),
    draft(
      'prepare',
      'Before it goes in',
      true,
      [
        'Manual and handbook open at the right page.',
        ...(route.settingsBeforePlacing ?? []).map((text) => `Set now, out of reach later: ${text}.`),
        isofix?.connectors === 'rigid' && 'Connectors out.',
        route.childFirst && 'The child may already sit in it while it is attached, as the manual shows.',
        leg &&
          (leg.matMayStay === true || position.floor?.matMayStay === true
            ? 'Leg unfolded; the mat may stay under it.'
            : position.floor?.matRemovable === false
              ? 'Leg unfolded; the floor covering here does not come out.'
              : 'Leg unfolded; the mat out from under it.'),
        position.row === 1 && position.slidingTrack?.handbookSetting,
      ],
      [],
    ),
    draft(
      'connect',
      'Latch both connectors',
      isofix !== undefined,
      [
        position.isofix?.bars === 'recessed' && 'The bars are recessed: feel for them, use guides.',
        `Push ${easier ? `the ${easier} connector first, then the ${easier === 'left' ? 'right' : 'left'}` : 'each connector'} on until it clicks.`,
        'Note what each indicator showed before.',
      ],
      ['latch-left', 'latch-right', 'tug-left', 'tug-right', 'connector-straps'],
    ),
    draft(
      'push-home',
      'Push home',
      (isofix !== undefined && isofix.connectors === 'rigid') || route.reboundBar !== undefined,
      [
        isofix?.armsMayRetract
          ? 'Thumb each arm in; do not push the shell, or the arms run back.'
          : 'Push or ratchet the base against the backrest.',
        route.reboundBar?.hasRatchet &&
          'Rebound bar back while the bars are found; then ratchet it to its last loud click.',
      ],
      ['pushed-home', 'rebound-bar'],
    ),
    draft(
      'base-gap',
      'Look behind and under the base',
      isofix?.role === 'holds' && !isBooster,
      ['No gap to the backrest or the cushion, unless the maker says that one may stay.'],
      ['gap-behind', 'gap-under'],
    ),
    draft(
      'thread-belt',
      'Thread the belt',
      belt !== undefined && !isBooster,
      [
        mode.direction === 'rearward'
          ? 'The path for rearward: the lap section runs under the child’s legs.'
          : mode.direction === 'forward' && 'The path for forward: the belt runs behind the child’s back.',
        ...(belt ? beltPathLines(belt) : []),
        'Buckle, and listen for the click.',
        position.belt?.buckleStalk === 'stiff' && 'The stalk is stiff: look that it is not bent round the frame.',
      ],
      ['retractor', 'belt-path', 'belt-twist', 'buckle-above-edge-mm', 'buckle-clear'],
    ),
    draft(
      'lock-belt',
      'Tighten and lock the belt',
      belt !== undefined && !isBooster,
      ['Weight on the seat; pull the slack from the lap section up through the tongue.', belt && lockText(belt)],
      ['belt-locked', 'belt-tension', 'locking-clip'],
    ),
    draft(
      'leg',
      'Leg to the floor',
      leg !== undefined,
      [
        position.floor?.kind === 'box-allowed-when-propped' &&
          'Open the floor box: filled or propped, as the handbook says.',
        'Lower the leg to the bare floor at the notch that is set.',
        'Pack nothing under the foot.',
      ],
      ['floor-box', 'leg-contact', 'leg-indicator'],
    ),
    draft(
      'tether',
      topTether?.use === 'optional' ? 'Top tether (advised)' : 'Top tether',
      usesTether,
      [
        position.tether && position.tether.where !== 'none'
          ? `Anchorage: ${position.tether.where.replace('-', ' ')}.`
          : undefined,
        topTether?.headRestraintPath && topTether.headRestraintPath !== 'free'
          ? `Lead it ${topTether.headRestraintPath.replaceAll('-', ' ')} the head restraint.`.replace(
              'round both sides the head restraint',
              'round both sides of the head restraint',
            )
          : undefined,
        'Hook it, then tighten.',
      ],
      ['tether-used', 'tether-point', 'tether-flat', 'tether-indicator-mm'],
    ),
    draft(
      'lower-tethers',
      'Lower tethers',
      lowerTethers !== undefined,
      [
        lowerTethers?.lead === 'crossed'
          ? 'Lead them crossed.'
          : lowerTethers?.lead === 'straight'
            ? 'Lead them straight.'
            : 'Cross them where the seat back is curved.',
        lowerTethers?.lengthMm !== undefined && `Each strap reaches ${lowerTethers.lengthMm} mm.`,
        'Tighten in turn; wiggle the shell until they stop clicking.',
      ],
      ['lower-tethers-used', 'lower-tethers'],
    ),
    draft(
      'set-on-seat',
      'On the seat',
      isBooster && isofix === undefined,
      ['Set it square on the seat, its back against the backrest.'],
      [],
    ),
    draft(
      'shell',
      'Shell and handle',
      route.usesBase === true || mode.carryHandle !== undefined,
      [
        route.usesBase && 'Set the shell on its base until it clicks.',
        mode.carryHandle && `Handle to its travel position: ${mode.carryHandle.travelPosition}.`,
      ],
      ['shell-on-base', 'carry-handle'],
    ),
    draft(
      'lie-across',
      'Across the car',
      mode.direction === 'lateral',
      ['The head end away from the door.'],
      ['head-inboard'],
    ),
    draft(
      'front-seat',
      'Front seat',
      mode.direction === 'rearward',
      [
        position.row === 1
          ? 'Look between shell and dashboard.'
          : 'Set the front seat where the tallest driver has it.',
        position.side === 'centre' && 'Behind two seats: keep both level.',
      ],
      ['front-seat'],
    ),
    draft(
      'proof',
      'Does it hold',
      !isBooster,
      [
        'Firm hand at the belt path or base: side to side, fore and aft.',
        'Not at the top of a rearward shell: that may move more.',
      ],
      ['steadiness-mm', 'steadiness-felt', 'angle-proof', 'shell-angle-deg'],
    ),
  ]
}

/** Pieces that are in and past the maker's limit. */
const insertsDueOut = (s: FittedSubject): readonly string[] =>
  adviseInserts(s.mode, s)
    .filter((a) => a.use === 'must-not' && s.settings.insertsIn?.value.includes(a.insert.id))
    .map((a) => `${a.insert.name} out first: it is past its limit.`)

const doorPod = ({ position }: FittedSubject): string =>
  position.side === 'centre'
    ? 'In the middle no door is nearer: the pods stay as the manual says.'
    : `Fold out the pod on the ${position.doorSide === 'left' || position.doorSide === 'right' ? position.doorSide : position.side}, the door side.`

/** Putting the child in, in the order of work. */
export function childDrafts(s: FittedSubject): readonly Draft[] {
  const { mode, route } = s
  const isBooster = mode.heldBy === 'vehicle-belt'
  const draft = draftsOf('child-in')
  return [
    draft(
      'sit',
      'Hips right back',
      true,
      [...insertsDueOut(s), 'Hips first, then shoulders.', !isBooster && 'Coat off before the straps go on.'],
      ['booster-back', 'coat', 'strap-exit'],
    ),
    draft(
      'buckle',
      'Buckle and tighten',
      !isBooster,
      ['Both tongues in until they click.', 'Slack up from the hips, then pull the adjuster.'],
      ['harness-buckle', 'strap-twist', 'slack-mm', 'slack-pinch', 'strap-pressure'],
    ),
    draft(
      'coat-test',
      'Coat test',
      s.look('coat').reading?.option === 'coat',
      ['Tighten with the coat on; coat off without moving the adjuster; buckle again.'],
      ['coat-hides-mm'],
    ),
    draft('head', 'Head', true, [], ['head', 'crown-below-edge-mm', 'chin']),
    draft(
      'belt-child',
      'Belt round the child',
      isBooster,
      [
        ...(route.belt ? beltPathLines(route.belt) : []),
        mode.crotchBeltGuide === true && 'The lap section through the guide between the legs.',
        'Buckle; draw the slack towards the retractor.',
      ],
      [
        'guide-above-shoulder-mm',
        'booster-path',
        'booster-twist',
        'guide-gate',
        'crotch-guide',
        'lap-section',
        'diagonal',
        'belt-buckle',
        'belt-slack',
        'belt-runs',
      ],
    ),
    draft('knees', 'Knees', isBooster, [], ['knees']),
    draft(
      'turn-and-lock',
      mode.turns ? 'Turn and lock' : 'Side pod',
      mode.turns !== undefined || mode.sidePod === true,
      [mode.turns && `Turn it ${mode.direction} and let it lock.`, mode.sidePod === true && doorPod(s)],
      ['turn-lock', 'forward-guard', 'side-pod'],
    ),
  ]
}
