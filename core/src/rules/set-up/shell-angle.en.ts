import { RIGHT_ANGLE_DEG } from '../../fit/index.ts'
import { sentence, ruleText } from '../say.ts'
import { formatInterval, type Interval, type Decision } from '../../quantities/index.ts'
import { type Need } from '../rule.ts'

const howToTell = (missing: readonly Need[]): string =>
  missing.includes('mode.reclines')
    ? 'Read the recline positions in the manual, or measure the shell angle with an inclinometer once it is in.'
    : missing.includes('position.cushionSlopeDeg')
      ? 'Measure the cushion slope, or the shell angle once it is in.'
      : missing.includes('setting.wedge')
        ? 'Record whether the wedge is in.'
        : missing.includes('setting.recline')
          ? 'Record the recline that is set.'
          : 'Measure the shell angle with an inclinometer once it is in.'

/** From vertical: from 0 there is no lower end, to the right angle no upper one. */
interface Target {
  readonly fromDeg: number
  readonly toDeg: number
  readonly because: string
}
function targetText({ fromDeg, toDeg, because }: Target): string {
  const range =
    fromDeg === 0 ? `at most ${toDeg}°` : toDeg === RIGHT_ANGLE_DEG ? `at least ${fromDeg}°` : `${fromDeg}–${toDeg}°`
  return `${range} (${because})`
}

const HOW = { measured: 'measured', 'worked-out': 'worked out' } as const

export default ruleText({
  title: 'Shell angle',
  standsOn:
    'The maker’s own line or indicator seen good settles it; then the maker’s figures; where there are none, the usual targets by head control and age.',
  says: {
    'unknown-head-control': sentence({
      reason: () => 'The angle depends on head control, which is not recorded.',
      remedy: () => 'Ask the carer and look: does the child hold its head steady?',
    }),
    'not-worked-out': sentence<{ target: Target; now: readonly Need[] }>({
      reason: ({ target }) => `The shell angle cannot be worked out yet; the target is ${targetText(target)}.`,
      remedy: ({ now }) => howToTell(now),
    }),
    judged: sentence<{
      angle: Interval
      how: keyof typeof HOW
      target: Target
      kind: Decision
      isTooFlat: boolean
    }>({
      reason: ({ angle, how, target }) =>
        `Shell at ${formatInterval(angle, '°').replace(' °', '°')} from vertical, ${HOW[how]}; target ${targetText(target)}.`,
      remedy: ({ kind, isTooFlat }) =>
        kind === 'undecided'
          ? 'Measure the shell angle with an inclinometer.'
          : isTooFlat
            ? 'Choose a more upright recline position.'
            : 'Choose a more reclined position, or the wedge where the maker allows it.',
    }),
  },
})
