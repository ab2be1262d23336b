import { AddPerson } from './commands/add-person'
import { ChangePerson } from './commands/change-person'
import { Recover } from './commands/recover'
import { RenewCodes } from './commands/renew-codes'
import { SetPassword } from './commands/set-password'
import { SetPin } from './commands/set-pin'
import { PeopleRead } from './people-read'
import { ProveSecond } from './prove-second'

/** Who works at the bay, and everything that can be done about them, one file each. */
export const PEOPLE = [PeopleRead, ProveSecond, AddPerson, ChangePerson, SetPassword, SetPin, RenewCodes, Recover]
