import { sentence, ruleText } from '../say.ts'
import { formatInterval, type Interval, type Decision } from '../../quantities/index.ts'

const HOW = { measured: 'measured', 'worked-out': 'worked out' } as const

export default ruleText({
  title: 'Shell never flatter than 45°',
  standsOn:
    'An integral shell that is not a lie-flat mode is never more than 45° from vertical, whatever the target, unless the maker’s own list permits a flatter position in the car for this child. The maker’s line or indicator seen good settles it.',
  says: {
    unknown: sentence<{ maxShellAngleDeg: number }>({
      reason: ({ maxShellAngleDeg }) => `The shell angle is not known; it is never more than ${maxShellAngleDeg}°.`,
      remedy: () => 'Record the recline and the cushion’s slope, or measure the angle once it is in.',
    }),
    judged: sentence<{
      byMaker: 'pass' | 'fail' | 'undecided'
      angle: Interval
      how: keyof typeof HOW
      maxShellAngleDeg: number
      kind: Decision
    }>({
      reason: ({ byMaker, angle, how, maxShellAngleDeg }) =>
        byMaker === 'pass'
          ? `Shell at ${formatInterval(angle, '°').replace(' °', '°')}, ${HOW[how]}; the maker’s own list permits this position in the car for this child.`
          : `Shell at ${formatInterval(angle, '°').replace(' °', '°')}, ${HOW[how]}; never more than ${maxShellAngleDeg}°.`,
      remedy: ({ kind }) =>
        kind === 'undecided' ? 'Measure the shell angle with an inclinometer.' : 'Choose a more upright recline.',
    }),
  },
})
