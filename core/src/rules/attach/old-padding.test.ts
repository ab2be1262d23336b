import { Sequence } from '../../ground/index.ts'
import { buildCase, kindOf } from '../../../test/build.ts'
import type { Case, Mode } from '../../index.ts'

const PIECE = { id: 'newborn', name: 'newborn pad', thicknessMm: 20 }
/** The chosen mode lists no padding; another of the model lists these, or is silent. */
function twoModes(others: Mode['inserts'] | 'silent', seen?: string): Case {
  const c = buildCase(seen === undefined ? {} : { readings: { 'old-padding': { option: seen, at: Sequence(1) } } })
  const { inserts: _, ...bare } = c.restraints[0]!.modes[0]!
  const other = { ...bare, id: 'smaller', label: 'Smaller child', ...(others !== 'silent' && { inserts: others }) }
  const restraints = c.restraints.map((m) =>
    m.id === c.choice?.modelId ? { ...m, modes: [{ ...bare, inserts: [] }, other] } : m,
  )
  return { ...c, restraints }
}
test.each([
  ['none', 'pass'],
  ['still-in', 'fail'],
  ['unsure', 'undecided'],
  [undefined, 'undecided'],
] as const)('another mode has padding; seen %s gives %s', (seen, kind) => {
  expect(kindOf('old-padding', twoModes([PIECE], seen))).toBe(kind)
})
test('asked too where the other mode was not read for padding', () => {
  expect(kindOf('old-padding', twoModes('silent'))).toBe('undecided')
})
test('not asked where no mode of it has any', () => {
  expect(kindOf('old-padding', twoModes([]))).toBe('not-applicable')
})
