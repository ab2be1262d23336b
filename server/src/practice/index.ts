import { DeletePractice } from './commands/delete-practice'
import { PutPractice } from './commands/put-practice'
import { SetPracticeDefaults } from './commands/set-practice-defaults'
import { PracticeRead } from './practice-read'

/** Profiles and local rules: how they stand, and everything that can be done to them, one file each. */
export const PRACTICE = [PracticeRead, PutPractice, DeletePractice, SetPracticeDefaults]
