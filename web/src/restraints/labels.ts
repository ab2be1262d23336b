import { formLabels } from '../form/labels.ts'
import { BODY_FIELDS, GUIDE_FIELDS, INSERT_FIELDS, MAKERS_FIGURES, MODE_FIELDS, MODE_PARTS, MODEL_FIELDS, R129_FIELDS, R44_FIELDS, RANGE_FIELDS, RECLINE_FIELDS, ROUTE_FIELDS, ROUTE_PARTS, SLOT_FIELDS, SPAN_FIELDS, STEP_FIELDS, STRAP_FIELDS, WIDTH_FIELDS, PART_FIELDS } from './specs.ts' // prettier-ignore

/** What the form of a restraint calls its fields. */
export const RESTRAINT_LABELS = formLabels(
  [
    ['', MODEL_FIELDS],
    ...[MODE_FIELDS, R44_FIELDS, R129_FIELDS, RANGE_FIELDS, BODY_FIELDS, MAKERS_FIGURES, STRAP_FIELDS, SLOT_FIELDS, SPAN_FIELDS].map((specs) => ['modes.*', specs] as const), // prettier-ignore
    ['modes.*.reclines.*', RECLINE_FIELDS],
    ['modes.*.inserts.*', INSERT_FIELDS],
    ['modes.*.routes.*', ROUTE_FIELDS],
    ['modes.*.routes.*.belt.path.*', GUIDE_FIELDS],
    ['modes.*.routes.*.steps.*', STEP_FIELDS],
    ['conversions.*.steps.*', STEP_FIELDS],
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
    'modes.*.strap.adjuster': 'Shoulder straps, adjusted by',
  },
)
