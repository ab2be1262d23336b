import { WIDTH_POINTS, type WidthPoint } from '@nimble-anchor/core/restraint'
import { answer, number, pick, type FieldSpec } from '../form/spec.ts'

/** What a restraint is to those beside it: how far it stands out where, and whether a child gets past it. */

const POINT_WORDS: Record<WidthPoint, string> = {
  hipBack: 'hips, at the backrest',
  hipFront: 'hips, in front',
  shoulderBack: 'shoulders, at the backrest',
  shoulderFront: 'shoulders, in front',
  headBack: 'head, at the backrest',
  headFront: 'head, in front',
}

export const SIDE_FIELDS: readonly FieldSpec[] = [
  pick(
    'widestAt',
    'Widest at the',
    WIDTH_POINTS.map((point) => [point, POINT_WORDS[point]] as const),
    true,
  ),
  answer('passable', 'A child can be lifted past it while it is empty'),
  // Nothing to either side: nothing stands there.
  ...WIDTH_POINTS.flatMap((point) => [
    number(`halfWidths.${point}.leftMm`, `Left of its middle, ${POINT_WORDS[point]}`, 'mm'),
    number(`halfWidths.${point}.rightMm`, `Right of its middle, ${POINT_WORDS[point]}`, 'mm'),
  ]),
]
