export {
  type Advice,
  ADVICE_OUTCOMES,
  ageMonthsOf,
  type Child,
  childSchema,
  correctedAgeMonths,
  headControlOf,
  isPreterm,
  LOW_BIRTH_MASS_KG,
  TERM_WEEKS,
} from './child.ts'
export { bodyAt, type BodyPart, bodyPartAt, EAR_SHARE, EYE_SHARE } from './body-dimensions.ts'
export { ALLOWANCES, type BodyHeight, massOf, seatedShoulderOf, sittingHeightOf, statureOf } from './measures.ts'
export { slipsIn } from './plausibility.ts'
