import { boundsText, STRAP_RULE_TEXT } from '../fit/index.ts'
import { formatNumber } from '../quantities/index.ts'
import { SLACK_MM } from '../practice/index.ts'
import type { RecheckFacts, RecheckTexts } from './recheck-questions.ts'

const slackText = ({ slack }: RecheckFacts): string =>
  slack === 'pinch'
    ? 'no fold can be pinched in the straps'
    : typeof slack === 'object'
      ? `the straps lift ${boundsText(slack)}`
      : `the straps lift at most ${slack === 'one-finger' ? 'one finger' : 'two fingers'} (${formatNumber(SLACK_MM[slack])} mm)`

export const RECHECK_EN: RecheckTexts = {
  place: ({ isBeforeAirbag, placeLabel, reclineLabel }) => ({
    ask: isBeforeAirbag
      ? 'It is at the same place, and the airbag lamp shows off'
      : 'It is at the same place, set as on the sheet',
    how: `${placeLabel}${reclineLabel === undefined ? '' : `, recline ${reclineLabel}`}.${isBeforeAirbag ? ' See the lamp.' : ''}`,
    ifNot: 'Do not travel. Put it back at its place, or have it fitted again.',
  }),
  connectors: () => ({
    ask: 'Both connectors show latched and hold when pulled',
    how: 'Look at left and right separately; pull each arm.',
    ifNot: 'Release that side, push until it clicks, look and pull again.',
  }),
  leg: () => ({
    ask: 'The leg stands flat on the bare floor',
    how: 'No mat, nothing under the foot; its indicator shows good.',
    ifNot: 'Take the mat out and set the leg one notch at a time until it stands.',
  }),
  tether: ({ usesTopTether, usesLowerTethers }) => ({
    ask: !usesTopTether
      ? 'Both lower tethers are tight'
      : `The top tether is hooked, tight and flat${usesLowerTethers ? ', and both lower tethers are tight' : ''}`,
    how: 'Pull at the strap; run a hand along it.',
    ifNot: 'Tighten it, and read its indicator again.',
  }),
  belt: ({ isBooster }) =>
    isBooster
      ? {
          ask: 'The belt runs through every guide and low over the thighs',
          how: 'Lap section under both arm rests, diagonal over the middle of the shoulder.',
          ifNot: 'Unbuckle, lead the belt again, buckle.',
        }
      : {
          ask: 'The belt runs through every guide, flat and locked',
          how: 'Follow it with a finger; pull behind the lock: it does not run.',
          ifNot: 'Undo it, lead it again with your weight on the seat, lock it.',
        },
  steady: ({ movementMm }) => ({
    ask:
      movementMm === undefined
        ? 'It does not move at its base'
        : `It moves at most ${formatNumber(movementMm)} mm at its base`,
    how: 'A firm hand at the base or belt path, side to side and fore and aft; not at the top.',
    ifNot: `Tighten it again${movementMm === undefined ? ' until nothing is felt' : ''}.`,
  }),
  shell: () => ({
    ask: 'The shell is latched and locked, handle and pod as for travel',
    how: 'Lift the shell, try to turn it, look at the handle.',
    ifNot: 'Set it down until it clicks; turn it until it locks.',
  }),
  straps: ({ strapRule }) => ({
    ask: 'The straps leave the shell at the shoulder, flat',
    how: `${STRAP_RULE_TEXT[strapRule].replace(/^./, (x) => x.toUpperCase())}.`,
    ifNot: 'Set the straps to the right height; fold out the twist.',
  }),
  slack: (facts) => ({
    ask: `No coat, buckle clicked, and ${slackText(facts)}`,
    how: 'Coat off first; then pull the adjuster.',
    ifNot: 'Coat off, buckle, tighten again.',
  }),
  shoulder: (facts) => ({
    ask: `The guide stands at the shoulder, ${boundsText(facts.guideMm)} above it`,
    how: 'The belt lies between neck and arm.',
    ifNot: 'Raise the head support one step.',
  }),
  head: () => ({
    ask: 'The head is inside the line that the maker gives',
    how: 'Look from the side.',
    ifNot: 'Raise the head support; if it is at its top, the restraint is outgrown.',
  }),
}
