import { Refused } from '../session/api.ts'

/** What the server says of one field, or all that it says where it names none. */
export function faultOf(error: unknown, field: string): string | undefined {
  if (!(error instanceof Refused)) return undefined
  return error.faults.find((f) => f.path === `$.${field}`)?.message
}
export const wholeFault = (error: unknown): string => (error instanceof Error ? error.message : 'That did not work.')
