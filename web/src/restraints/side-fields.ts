import { WIDTH_POINTS, type WidthPoint } from '@nimble-anchor/core/restraint'
import { answer, number, pick, type FieldSpec } from '../form/spec.ts'
import * as msg from './messages.en.ts'

/** What a restraint is to those beside it: how far it stands out where, and whether a child gets past it. */

const POINT_WORDS: Record<WidthPoint, string> = {
  hipBack: msg.hipsAtTheBackrest,
  hipFront: msg.hipsInFront,
  shoulderBack: msg.shouldersAtTheBackrest,
  shoulderFront: msg.shouldersInFront,
  headBack: msg.headAtTheBackrest,
  headFront: msg.headInFront,
}

export const SIDE_FIELDS: readonly FieldSpec[] = [
  pick(
    'widestAt',
    msg.widestAtThe,
    WIDTH_POINTS.map((point) => [point, POINT_WORDS[point]] as const),
    true,
  ),
  answer('passable', msg.aChildCanBeLifted),
  // Nothing to either side: nothing stands there.
  ...WIDTH_POINTS.flatMap((point) => [
    number(`halfWidths.${point}.leftMm`, msg.leftOfItsMiddle(POINT_WORDS[point]), 'mm'),
    number(`halfWidths.${point}.rightMm`, msg.rightOfItsMiddle(POINT_WORDS[point]), 'mm'),
  ]),
]
