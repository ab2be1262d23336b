import { labelOf } from './labels.ts'
import { RESTRAINT_LABELS } from '../restraints/labels.ts'
import { CAR_LABELS } from '../vehicles/labels.ts'

test.each([
  ['maker', 'Maker'],
  ['modes.0.label', 'Mode 1: Name of the mode'],
  ['modes.1.massKg.to', 'Mode 2: Mass to'],
  ['modes.0.approval', 'Mode 1: Approved to'],
  ['modes.0.routes.1.isofix.role', 'Mode 1, route 2: ISOFIX: They'],
  ['modes.0.routes.0.belt.path.2.mark', 'Mode 1, route 1, guide 3: Mark'],
  ['modes.0.inserts.0.thicknessMm', 'Mode 1, insert 1: Lifts the child by'],
  ['modes.0.routes.0.steps.3.text', 'Mode 1, route 1, step 4: What to do'],
  ['modes.0.routes.0.leg.proofs.0.what', 'Mode 1, route 1, sign of the support leg 1: What it shows'],
  ['somethingElseMm', 'something else mm'],
])('the form calls %s “%s”', (path, label) => expect(labelOf(RESTRAINT_LABELS, path)).toBe(label))

test.each([
  ['model', 'Model'],
  ['positions.3.belt.kind', 'Place 4: Belt looked at: Belt'],
  ['positions.0.handbook.beltGroups.0+', 'Place 1: Belt-installed groups, 0+'],
])('a car’s form calls %s “%s”', (path, label) => expect(labelOf(CAR_LABELS, path)).toBe(label))
