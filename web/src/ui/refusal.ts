import { toast } from 'sonner'
import { Refused } from '../session/api.ts'

/** Says what the server refused, field by field. */
export function sayRefusal(error: unknown): void {
  const faults = error instanceof Refused ? error.faults.slice(0, 5).map((f) => `${f.path} ${f.message}`) : []
  toast.error(error instanceof Error ? error.message : 'That did not work.', { description: faults.join('\n') })
}
