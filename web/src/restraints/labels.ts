import { formLabels } from '../form/labels.ts'
import { BODY_FIELDS, GUIDE_FIELDS, INSERT_FIELDS, MAKERS_FIGURES, MODE_FIELDS, MODE_PARTS, MODEL_FIELDS, PROOF_FIELDS, R129_FIELDS, R44_FIELDS, RANGE_FIELDS, RECLINE_FIELDS, ROUTE_FIELDS, ROUTE_PARTS, SLOT_FIELDS, SPAN_FIELDS, STEP_FIELDS, STRAP_FIELDS, WIDTH_FIELDS, PART_FIELDS } from './specs.ts' // prettier-ignore

import { SIDE_FIELDS } from './side-fields.ts'

/** What the form of a restraint calls its fields. */
export const RESTRAINT_LABELS = formLabels(
  [
    ['', MODEL_FIELDS],
    ...[MODE_FIELDS, R44_FIELDS, R129_FIELDS, RANGE_FIELDS, BODY_FIELDS, SIDE_FIELDS, MAKERS_FIGURES, STRAP_FIELDS, SLOT_FIELDS, SPAN_FIELDS].map((specs) => ['modes.*', specs] as const), // prettier-ignore
    ['modes.*.reclines.*', RECLINE_FIELDS],
    ['modes.*.inserts.*', INSERT_FIELDS],
    ['modes.*.routes.*', ROUTE_FIELDS],
    ['modes.*.routes.*.belt.path.*', GUIDE_FIELDS],
    ['modes.*.routes.*.steps.*', STEP_FIELDS],
    ['conversions.*.steps.*', STEP_FIELDS],
    ['modes.*.turns.locks.*', PROOF_FIELDS],
    ...['isofix', 'leg', 'lowerTethers'].map((part) => [`modes.*.routes.*.${part}.proofs.*`, PROOF_FIELDS] as const),
    ['modes.*.widthSettings.*', WIDTH_FIELDS],
    ['parts.*', PART_FIELDS],
  ],
  [
    ['modes.*', MODE_PARTS],
    ['modes.*.routes.*', ROUTE_PARTS],
  ],
  {
    'modes.*': 'mode',
    'modes.*.routes.*': 'route',
    'modes.*.routes.*.belt.path.*': 'guide',
    'modes.*.routes.*.steps.*': 'step',
    'modes.*.turns.locks.*': 'sign of the turning lock',
    'modes.*.routes.*.isofix.proofs.*': 'sign of the ISOFIX',
    'modes.*.routes.*.leg.proofs.*': 'sign of the support leg',
    'modes.*.routes.*.lowerTethers.proofs.*': 'sign of the lower tethers',
    'modes.*.reclines.*': 'recline position',
    'modes.*.inserts.*': 'insert',
    'modes.*.widthSettings.*': 'width setting',
    'conversions.*': 'conversion',
    'conversions.*.steps.*': 'step',
    'parts.*': 'part',
  },
  {
    modes: 'Modes',
    parts: 'Parts that come apart',
    'modes.*.approval': 'Approved to',
    'modes.*.routes': 'Routes',
    'modes.*.routes.*.permittedReclines': 'Recline positions permitted',
    'modes.*.routes.*.settingsBeforePlacing': 'Set before it is placed',
    'modes.*.routes.*.steps': 'Steps of the maker’s own',
    'modes.*.routes.*.steps.*.pairWith': 'Its other half',
    'modes.*.routes.*.steps.*.whileInsert': 'Only while this piece is in',
    'modes.*.routes.*.stepOrder': 'Usual steps in the maker’s own order',
    'modes.*.routes.*.staleEdges': 'Looked at again after a change',
    'modes.*.staleEdges': 'Looked at again after a change',
    'modes.*.strap.adjuster': 'Shoulder straps, adjusted by',
  },
)
