export { exactly, halfWidth, interval, type Interval, middle, minus, plus } from './interval.ts'
export {
  bestFirst,
  compare,
  type Decision,
  DECISION_RANK,
  every,
  marginWithin,
  nearestEnd,
  some,
  within,
  type Wording,
} from './decision.ts'
export {
  measured,
  type Quantity,
  QUANTITY_SOURCES,
  type QuantityLimits,
  quantitySchema,
  type QuantitySource,
  toInterval,
} from './quantity.ts'
export { addDays, addMonths, ageInMonths, ageInterval, DAYS_PER_MONTH, daysBetween } from './dates.ts'
export { dateText, dayInSentence, paperDate } from './date-text.ts'
export { formatAge, formatInterval, formatNumber, formatRange, plural, unitFor } from './text.ts'

export { randomStream, type RandomStream, seedOf } from './random.ts'
