import type { Change } from '../readings/index.ts'
import type { UsualStepId } from '../restraint/index.ts'

/** What holds the restraint before a second anchor is set: whichever of these a fitting has. */
const HELD: readonly UsualStepId[] = ['connect', 'push-home', 'lock-belt', 'set-on-seat', 'lie-across']

/** The order of work, as what each step waits for. */
export const NEEDS: Record<UsualStepId, readonly UsualStepId[]> = {
  before: [],
  airbag: ['before'],
  'front-place': ['before'],
  prepare: ['before', 'airbag', 'front-place'],
  connect: ['prepare'],
  'push-home': ['connect'],
  'base-gap': ['push-home', 'connect'],
  'thread-belt': ['prepare'],
  'lock-belt': ['thread-belt'],
  'set-on-seat': ['prepare'],
  leg: HELD,
  tether: [...HELD, 'leg'],
  'lower-tethers': [...HELD, 'leg'],
  shell: [...HELD, 'leg', 'tether'],
  'lie-across': ['prepare'],
  'front-seat': [...HELD, 'leg', 'lower-tethers'],
  proof: [...HELD, 'leg', 'tether', 'lower-tethers', 'shell', 'front-seat'],
  sit: ['proof', 'set-on-seat', 'base-gap', 'front-seat', 'shell'],
  buckle: ['sit'],
  'coat-test': ['buckle'],
  head: ['sit', 'buckle'],
  'belt-child': ['sit'],
  knees: ['sit'],
  'turn-and-lock': ['buckle', 'head', 'coat-test'],
}
/** What doing a step over changes: it un-passes what hangs on that. */
export const CHANGES: Partial<Record<UsualStepId, readonly Change[]>> = {
  connect: ['connectors'],
  'push-home': ['base'],
  'thread-belt': ['base'],
  leg: ['legNotch'],
  tether: ['tether'],
  'front-seat': ['frontSeatGapMm'],
  buckle: ['harness'],
  sit: ['clothes'],
  'turn-and-lock': ['turned'],
}
