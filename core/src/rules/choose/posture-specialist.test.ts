import { ask, buildCase, kindOf } from '../../../test/build.ts'

test('medical posture needs stop here; not asked yet is undecided', () => {
  expect(ask('posture-specialist', buildCase({ child: { needsPostureSpecialist: true } }))).toMatchObject({
    kind: 'fail',
  })
  expect(kindOf('posture-specialist', buildCase({ child: { needsPostureSpecialist: undefined } }))).toBe('undecided')
})
