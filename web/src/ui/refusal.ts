import { toast } from 'sonner'
import { Refused } from '../session/api.ts'
import { LeftTheirs, WentBack } from '../session/meanwhile.ts'
import * as msg from './messages.en.ts'

/** Says what the server refused, field by field. */
export function sayRefusal(error: unknown): void {
  // Decided a moment ago, by whoever reads this.
  if (error instanceof WentBack || error instanceof LeftTheirs) return void toast(error.message)
  const faults = error instanceof Refused ? error.faults.slice(0, 5).map((f) => `${f.path} ${f.message}`) : []
  toast.error(error instanceof Error ? error.message : msg.thatDidNotWork, { description: faults.join('\n') })
}
