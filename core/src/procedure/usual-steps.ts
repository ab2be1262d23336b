import { adviseInserts } from '../fit/index.ts'
import { unreachable } from '../quantities/index.ts'
import type { Change, CheckId } from '../readings/index.ts'
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
      return lock.fromTongueMm === 0
        ? 'Put the locking clip on the belt, flush with the tongue.'
        : `Put the locking clip on the belt, ${lock.fromTongueMm} mm from the tongue.`
    case 'switchable-retractor':
      return 'Pull the belt right out until the retractor switches over, then let it wind back tight.'
    case 'tension-only':
      return 'Close the belt tensioner as the manual shows.'
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
      `${g.section === 'both' ? 'Lap and diagonal' : g.section === 'lap' ? 'Lap' : 'Diagonal'}: ${HOW_TEXT[g.how]} ${g.mark}, ${g.side.replace('-', ' ')}.`,
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
      'airbag',
      'Airbag',
      mode.direction !== 'forward' && position.frontAirbag === 'can-be-switched-off',
      ['Switch the passenger airbag off and look for its lamp.', 'It goes on again when an adult sits here.'],
      ['airbag-lamp'],
    ),
    draft(
      'front-place',
      'The front place',
      mode.direction === 'forward' && position.row === 1,
      ['A child sits in front only where the handbook and local law allow it.'],
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
        position.obstacles?.includes('removable-console') && 'Take the removable console out.',
        route.childFirst && 'The child may already sit in it while it is attached, as the manual shows.',
        leg && 'Leg unfolded; the mat out from under it.',
        position.slidingTrack?.handbookSetting,
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
      isofix !== undefined && isofix.connectors === 'rigid',
      [
        isofix?.armsMayRetract
          ? 'Thumb each arm in; do not push the shell, or the arms run back.'
          : 'Push or ratchet the base against the backrest.',
      ],
      ['pushed-home'],
    ),
    draft(
      'base-gap',
      'Look behind and under the base',
      isofix?.role === 'holds' && isofix.pushedHome !== 'required',
      ['No gap to the backrest or the cushion, unless the maker says that one may stay.'],
      ['base-gap'],
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
      ],
      ['belt-path', 'belt-twist', 'buckle-above-edge-mm'],
    ),
    draft(
      'lock-belt',
      'Tighten and lock the belt',
      belt !== undefined && !isBooster,
      ['Weight on the seat; pull the slack from the lap section up through the tongue.', belt && lockText(belt)],
      ['belt-locked'],
    ),
    draft(
      'leg',
      'Leg to the floor',
      leg !== undefined,
      ['Lower the leg to the bare floor at the notch that is set.', 'Pack nothing under the foot.'],
      ['leg-contact', 'leg-indicator'],
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
      ['tether-point', 'tether-flat', 'tether-indicator-mm'],
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
        'Tighten in turn; wiggle the shell until they stop clicking.',
      ],
      ['lower-tethers'],
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
      mode.direction === 'rearward' && position.row > 1,
      [
        'Set the front seat where the tallest driver has it.',
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
      ['steadiness-mm', 'shell-angle-deg'],
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
      ['coat', 'strap-exit'],
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
    draft('head', 'Head', mode.headRule !== undefined, [], ['head', 'crown-below-edge-mm']),
    draft('belt-child', 'Belt round the child', isBooster, route.belt ? beltPathLines(route.belt) : [], [
      'belt-path',
      'belt-twist',
      'lap-section',
      'diagonal',
      'guide-above-shoulder-mm',
    ]),
    draft('knees', 'Knees', isBooster, [], ['knees']),
    draft(
      'turn-and-lock',
      mode.turns ? 'Turn and lock' : 'Side pod',
      mode.turns !== undefined || mode.sidePod === true,
      [mode.turns && `Turn it ${mode.direction} and let it lock.`, mode.sidePod === true && doorPod(s)],
      ['turn-lock', 'side-pod'],
    ),
  ]
}
