/**
 * What a check looks at. A change is said to disturb parts, so that a new check
 * needs to say only what it looks at; a part holds those that stand inside it.
 */
export type Part =
  | 'attachment'
  | 'latches'
  | 'tugs'
  | 'gaps'
  | 'leg'
  | 'tether'
  | 'tether-run'
  | 'lower-straps'
  | 'belt'
  | 'belt-held'
  | 'buckle'
  | 'steadiness'
  | 'angle'
  | 'harness'
  | 'slack'
  | 'head-position'
  | 'booster'
  | 'booster-belt'

export const PARTS_HELD: Record<Part, readonly Part[]> = {
  /** Whatever is made sure of again once the restraint was attached again. */
  attachment: ['latches', 'tugs', 'gaps', 'leg', 'tether', 'lower-straps', 'belt', 'steadiness', 'angle'],
  latches: [],
  tugs: [],
  gaps: [],
  leg: [],
  tether: ['tether-run'],
  /** How the tether runs and how tight it is; where it hooks is not changed by moving what it holds. */
  'tether-run': [],
  'lower-straps': [],
  belt: ['belt-held'],
  /** What a belt that holds a restraint has to prove once the shell has moved under it. */
  'belt-held': ['buckle'],
  buckle: [],
  steadiness: [],
  angle: [],
  harness: ['slack'],
  slack: [],
  'head-position': [],
  booster: ['booster-belt'],
  /** Belt and guides round a child on a booster. */
  'booster-belt': [],
}

/** A part and all that stand inside it. */
export const partsWithin = (part: Part): readonly Part[] => [part, ...PARTS_HELD[part].flatMap(partsWithin)]
