import { formLabels } from '../form/labels.ts'
import { ISOFIX_LETTERS, PLACE_FIELDS, PLACE_PARTS, ROOM_FIELDS, TRACK_PART, VEHICLE_FIELDS } from './specs.ts'

/** What the form of a car calls its fields. */
export const CAR_LABELS = formLabels(
  [
    ['', VEHICLE_FIELDS],
    ...[PLACE_FIELDS, ISOFIX_LETTERS, ROOM_FIELDS].map((specs) => ['positions.*', specs] as const),
  ],
  [['positions.*', [...PLACE_PARTS, TRACK_PART]]],
  { 'positions.*': 'place' },
  { positions: 'Places', 'positions.*.handbook.beltGroups': 'Belt-installed groups' },
)
