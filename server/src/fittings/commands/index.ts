import { BeginFitting } from './begin'
import { BringInFitting } from './bring-in'
import { EnterFitting } from './enter'
import { PassFitting } from './pass'
import { ReviseFitting } from './revise'
import { SignFitting } from './sign'
import { UndoEntry } from './undo'

/** Everything that can be done to a fitting, one file each. */
export const FITTING_COMMANDS = [
  BeginFitting,
  BringInFitting,
  EnterFitting,
  UndoEntry,
  SignFitting,
  ReviseFitting,
  PassFitting,
]
