import { createParamDecorator, type ExecutionContext } from '@nestjs/common'
import type { Role } from '@nimble-anchor/core/formats'

/** Who asks, as far as it is known. */
export interface Caller {
  /** Until the first person is made everybody at this machine may do everything. */
  readonly hasPeople: boolean
  /** Signed in, and not locked. */
  readonly person?: { readonly id: string; readonly name: string; readonly role: Role } | undefined
  readonly deviceId?: string | undefined
  readonly isLocked?: boolean
}
export const NOBODY: Caller = { hasPeople: false }

export interface Asking {
  caller?: Caller
}

/** In whose name something is entered. */
export interface By {
  readonly who: string
  /** Who was signed in; of what was entered before people signed in the name was typed. */
  readonly personId: string | null
}
/** The name of whoever is signed in; the one that was typed, where nobody signs in yet. */
export const signedBy = ({ person }: Caller, said: string): By =>
  person ? { who: person.name, personId: person.id } : { who: said.trim(), personId: null }

export const Asker = createParamDecorator(
  (_: unknown, context: ExecutionContext): Caller => context.switchToHttp().getRequest<Asking>().caller ?? NOBODY,
)
