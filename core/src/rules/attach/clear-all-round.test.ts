import { buildCase, kindOf } from '../../../test/build.ts'
import { CHECKS } from '../../checks/index.ts'

const check = CHECKS['clear-all-round']
test.each(check.kind === 'options' ? check.options.map((o) => [o.id, o.means] as const) : [])(
  'fouling: seen “%s” gives %s',
  (option, kind) => {
    expect(kindOf('clear-all-round', buildCase({ readings: { 'clear-all-round': { option, at: 1 } } }))).toBe(kind)
  },
)
test('not looked at, whether something fouls it is undecided', () => {
  expect(kindOf('clear-all-round', buildCase())).toBe('undecided')
})
test('moved on its base, it is looked round again', () => {
  const c = buildCase({ readings: { 'clear-all-round': { option: 'clear', at: 1 } } })
  expect(kindOf('clear-all-round', { ...c, disturbances: { base: { at: 2 } } })).toBe('undecided')
})
