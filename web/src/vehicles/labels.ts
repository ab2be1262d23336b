import { formLabels } from '../form/labels.ts'
import {
  ISOFIX_LETTERS,
  LOWER_TETHER_FIELDS,
  PLACE_FIELDS,
  PLACE_PARTS,
  ROOM_FIELDS,
  ROW_FIELDS,
  TRACK_PART,
  VEHICLE_FIELDS,
  besideFields,
  sharedFields,
} from './specs.ts'
import * as msg from './messages.en.ts'

/** What the form of a car calls its fields. */
export const CAR_LABELS = formLabels(
  [
    ['', VEHICLE_FIELDS],
    ['positions.*.lowerTetherPoints.*', LOWER_TETHER_FIELDS],
    ['positions.*', besideFields([])],
    ['positions.*.sharedWith.*', sharedFields([])],
    ['rows.*', ROW_FIELDS],
    ...[PLACE_FIELDS, ISOFIX_LETTERS, ROOM_FIELDS].map((specs) => ['positions.*', specs] as const),
  ],
  [['positions.*', [...PLACE_PARTS, TRACK_PART]]],
  {
    'positions.*': msg.placeItem,
    'positions.*.lowerTetherPoints.*': msg.pointItem,
    'positions.*.sharedWith.*': msg.sharedPart,
    'rows.*': msg.rowItem,
  },
  { positions: msg.places, 'positions.*.handbook.beltGroups': msg.beltInstalledGroups },
)
