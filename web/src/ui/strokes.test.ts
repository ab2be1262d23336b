import { SIGNATURE_FIELD, strokesSchema } from '@nimble-anchor/core/casefile'
import { linesOf, strokesOf } from './strokes.ts'

const { width: W, height: H } = SIGNATURE_FIELD
/** Twice as large on the screen as its field. */
const pad = { width: 2 * W, height: 2 * H }
const line = (...points: readonly (readonly [number, number])[]) => ({ points: points.map(([x, y]) => ({ x, y })) })

test.each([
  ['nothing', [], ''],
  ['a dot', [line([20, 40])], 'M10 20L10 20'],
  ['a line, without what no eye sees', [line([20, 40], [21, 40], [80, 100])], 'M10 20L10 20L40 50'],
  ['two lines', [line([20, 40]), line([60, 80])], 'M10 20L10 20M30 40L30 40'],
  ['beyond the edge', [line([5000, -50])], `M${W} 0L${W} 0`],
] as const)('%s is kept in the measure of the document', (_, lines, strokes) => {
  expect(strokesOf(lines, pad)).toBe(strokes)
  if (strokes !== '') expect(strokesSchema.safeParse(strokes).success).toBe(true)
})
test('what is kept comes back as it was, on a pad of any size', () => {
  const kept = strokesOf([line([20, 40], [80, 100]), line([200, 60], [300, 120])], pad)
  for (const size of [pad, { width: W, height: H }, { width: 137, height: 61 }])
    expect(strokesOf(linesOf(kept, size), size)).toBe(kept)
  expect(linesOf('', pad)).toEqual([])
})
test('however long somebody draws, a document still keeps it', () => {
  const long = line(...Array.from({ length: 2500 }, (_, i) => [10 + (i % 2) * 500, 40 + (i % 7) * 20] as const))
  expect(strokesSchema.safeParse(strokesOf([long, line([1, 1])], pad)).success).toBe(true)
})
