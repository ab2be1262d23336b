export { daySchema, momentSchema } from './days.ts'
export { fingerprint } from './fingerprint.ts'
export { type Fault, faultText, jsonPath, parseWith, parseWritten } from './parse.ts'
export {
  FittingId,
  fittingIdSchema,
  IsoDate,
  ModelId,
  modelIdSchema,
  Sequence,
  sequenceSchema,
  UnitId,
  unitIdSchema,
  VehicleId,
  vehicleIdSchema,
} from './ids.ts'
export { type Message, messageOf, type MessageTexts, sayerOf, spoken } from './message.ts'
export { idSchema, nameSchema, noteSchema } from './names.ts'
export { oncePer } from './once.ts'
export { err, ok, type Result, unreachable } from './result.ts'
