export { type Fault, faultText, parseWith } from './parse.ts'
export { idSchema, nameSchema, noteSchema } from './names.ts'
export { oncePer } from './once.ts'
export { err, ok, type Result, unreachable } from './result.ts'
