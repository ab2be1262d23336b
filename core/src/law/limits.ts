/**
 * The figures of the regulations, each once. What a maker or a handbook states
 * stands in the catalogue, what a school asks in `practice`; a rule takes its
 * figure from one of the three.
 */
export const LAW = {
  /** UN R129: facing forward only when over 15 months; the day after, not the day. In months. */
  r129ForwardOverMonths: 15,
  /** UN R129: facing forward from 76.0 cm. */
  r129ForwardFromCm: 76,
  /** UN R129: a mode that faces rearward and forward serves rearward to 83 cm at least. */
  r129RearwardToCm: 83,
  /** UN R129: a booster with a back from 100.0 cm. */
  r129BoosterFromCm: 100,
  /** UN R129, and UN R44 for cushions approved since `cushionSinceYear`: a cushion from 125.0 cm. */
  cushionFromCm: 125,
  /** UN R44, cushions approved since `cushionSinceYear`: from 22.0 kg as well. */
  cushionFromKg: 22,
  /** UN R44: the year of approval from which the floor for cushions holds. */
  cushionSinceYear: 2017,
  /** UN R44: nobody below 9 kg travels forward; 9.0 kg may. */
  r44ForwardFromKg: 9,
  /** UN R129, and of the anchorages for UN R44 too: child and restraint together on ISOFIX, in kg. */
  isofixSumKg: 33,
} as const

/** UN R44 mass groups in kg, both ends belonging to the group; a mode's own range wins over them. */
export const R44_GROUP_MASS_KG = {
  '0': { from: 0, to: 10 },
  '0+': { from: 0, to: 13 },
  I: { from: 9, to: 18 },
  II: { from: 15, to: 25 },
  III: { from: 22, to: 36 },
} as const
