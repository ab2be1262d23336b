import { Injectable, UnauthorizedException } from '@nestjs/common'
import { Database } from '../../storage/database'
import { RecoveryCodeRow, type PersonRow } from '../../storage/people-entities'
import { refuseWeak } from '../refusals'
import { hashOf, plainCode } from '../secrets'
import { Sessions } from '../sessions.service'
import { SlowDown } from '../slow-down'
import { SetPassword } from './set-password'

/** One of the printed codes and a new password: the code is used up, all devices are signed out. */
@Injectable()
export class Recover {
  constructor(
    private readonly db: Database,
    private readonly sessions: Sessions,
    private readonly slow: SlowDown,
    private readonly setting: SetPassword,
  ) {}

  /** @throws UnauthorizedException alike for a name that nobody has and a code that opens nothing */
  async run(name: string, code: string, password: string): Promise<PersonRow> {
    this.slow.refuseEarly(name)
    const person = this.sessions.byName(name)
    // By the name as it was typed: whether somebody has it is not told.
    refuseWeak(password, name)
    const isRight = await this.db.write(async (manager) => {
      if (!person?.isActive) return false
      const { affected } = await manager.delete(RecoveryCodeRow, { personId: person.id, hash: hashOf(plainCode(code)) })
      return (affected ?? 0) > 0
    })
    this.slow.note(name, isRight)
    if (!person || !isRight) throw new UnauthorizedException('Name or code is not right, or the code has been used.')
    await this.setting.run(person.id, password)
    return this.sessions.person(person.id) ?? person
  }
}
