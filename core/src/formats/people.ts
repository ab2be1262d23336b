import { type FittingId, type Sequence } from '../ground/index.ts'
import type { Drawing } from '../drawings/index.ts'
import type { RecheckItem } from '../procedure/index.ts'

/** People of a bay, as the API tells them. */

/**
 * What somebody may do: a lead keeps catalogue, practice and people; a fitter
 * fits and signs; a trainee fits, and signs together with another; a reader looks.
 */
export const ROLES = ['lead', 'fitter', 'trainee', 'reader'] as const
export type Role = (typeof ROLES)[number]

export interface PersonView {
  readonly id: string
  readonly name: string
  readonly role: Role
  /** Somebody who has left stays in the histories and signs in no more. */
  readonly isActive: boolean
  readonly hasPin: boolean
  readonly passkeys: number
  readonly createdAt: string
  /** When they last did something on any device. */
  readonly seenAt: string | null
}

/** A colleague, as everybody who is signed in sees them. */
export interface Colleague {
  readonly id: string
  readonly name: string
  readonly role: Role
}

export interface DeviceView {
  readonly id: string
  readonly label: string
  readonly createdAt: string
  readonly seenAt: string
  readonly people: readonly string[]
  /** The device that asks. */
  readonly isThis: boolean
}

export interface PasskeyView {
  readonly id: string
  readonly label: string
  readonly createdAt: string
  readonly usedAt: string | null
}

/** Who sits at this device, and what it may do. */
export interface SessionView {
  /** Until the first person is made everybody at this machine may do everything. */
  readonly hasPeople: boolean
  readonly person: (Colleague & { readonly hasPin: boolean }) | null
  /** Nobody has done anything for a while: a PIN or the password goes on where it was left. */
  readonly isLocked: boolean
  /** Who has signed in here and may change over by PIN. */
  readonly onDevice: readonly (Colleague & { readonly hasPin: boolean })[]
  readonly deviceId: string | null
  /** After so long without a touch the device locks. */
  readonly idleMs: number
  /** Beyond this machine without encryption: anybody on the network can read along. */
  readonly isInsecure: boolean
  /** A passkey needs a name and encryption, or this machine itself. */
  readonly canPasskey: boolean
}

export interface AuditRow {
  readonly number: number
  readonly notedAt: string
  readonly who: string
  readonly what: string
}

/** A link of two minutes and one use, by which a phone signs in. */
export interface Pairing {
  readonly code: string
  readonly url: string
  readonly endsAt: string
  /** Whether another device reaches this server at all. */
  readonly isReachable: boolean
}

/** Where a tab of a browser says that it is. */
export interface HereSaid {
  readonly tab: string
  readonly fittingId: FittingId | null
  /** Counts what this tab says: of two, the higher one was said later. */
  readonly nth: number
  readonly who: string
}
/** Who else is in a fitting, a tab of a browser each. */
export interface HereView {
  readonly kind: 'here'
  readonly fittingId: FittingId
  readonly tabs: readonly { readonly tab: string; readonly who: string }[]
}
/** What devices are told as it happens: never what was entered, only that something was. */
export type LiveEvent =
  | {
      readonly kind: 'fitting'
      readonly fittingId: FittingId
      readonly sequence: Sequence
      readonly status: 'open' | 'signed'
    }
  | { readonly kind: 'day' }
  | { readonly kind: 'catalogue' }
  | HereView

/** A link that a carer is given: it opens the second look at one fitting, and ends by itself. */
export interface CarerLink {
  readonly url: string
  readonly endsAt: string
}
/** What that link opens, and all that it opens. */
export interface SecondLookView {
  /** Restraint, car and place: what is to be looked at. */
  readonly what: string
  readonly items: readonly (RecheckItem & { readonly drawing?: Drawing | undefined })[]
}
