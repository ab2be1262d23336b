import { formLabels } from '../form/labels.ts'
import { BODY_FIELDS, GUIDE_FIELDS, INSERT_FIELDS, MAKERS_FIGURES, MODE_FIELDS, MODE_PARTS, MODEL_FIELDS, PROOF_FIELDS, R129_FIELDS, R44_FIELDS, RANGE_FIELDS, RECLINE_FIELDS, ROUTE_FIELDS, ROUTE_PARTS, SLOT_FIELDS, SPAN_FIELDS, STEP_FIELDS, STRAP_FIELDS, WIDTH_FIELDS, PART_FIELDS } from './specs.ts' // prettier-ignore

import { SIDE_FIELDS } from './side-fields.ts'
import * as msg from './messages.en.ts'

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
    'modes.*': msg.modeItem,
    'modes.*.routes.*': msg.routeItem,
    'modes.*.routes.*.belt.path.*': msg.guideItem,
    'modes.*.routes.*.steps.*': msg.stepItem,
    'modes.*.turns.locks.*': msg.signOfTheTurningLock,
    'modes.*.routes.*.isofix.proofs.*': msg.signOfTheIsofix,
    'modes.*.routes.*.leg.proofs.*': msg.signOfTheSupportLeg,
    'modes.*.routes.*.lowerTethers.proofs.*': msg.signOfTheLowerTethers,
    'modes.*.reclines.*': msg.reclinePosition,
    'modes.*.inserts.*': msg.insertItem,
    'modes.*.widthSettings.*': msg.widthSetting,
    'conversions.*': msg.conversionItem,
    'conversions.*.steps.*': msg.stepItem,
    'parts.*': msg.partItem,
  },
  {
    modes: msg.modes,
    parts: msg.partsThatComeApart,
    'modes.*.approval': msg.approvedTo,
    'modes.*.routes': msg.routes,
    'modes.*.routes.*.permittedReclines': msg.reclinePositionsPermitted,
    'modes.*.routes.*.settingsBeforePlacing': msg.setBeforeItIsPlaced,
    'modes.*.routes.*.steps': msg.stepsOfTheMakersOwn,
    'modes.*.routes.*.steps.*.pairWith': msg.itsOtherHalf,
    'modes.*.routes.*.steps.*.whileInsert': msg.onlyWhileThisPieceIs,
    'modes.*.routes.*.stepOrder': msg.usualStepsInTheMakers,
    'modes.*.routes.*.staleEdges': msg.lookedAtAgainAfterA,
    'modes.*.staleEdges': msg.lookedAtAgainAfterA,
    'modes.*.strap.adjuster': msg.shoulderStrapsAdjustedBy,
  },
)
