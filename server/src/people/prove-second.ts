import { ForbiddenException, Injectable } from '@nestjs/common'
import type { PersonRow } from '../storage/people-entities'
import { isSecret } from './secrets'
import { Sessions } from './sessions.service'
import { SlowDown } from './slow-down'

/** Whether a password or PIN is this person's: for whoever signs beside a trainee. */
@Injectable()
export class ProveSecond {
  constructor(
    private readonly sessions: Sessions,
    private readonly slow: SlowDown,
  ) {}

  /** @throws ForbiddenException */
  async run(id: string, secret: string): Promise<PersonRow> {
    const person = this.sessions.person(id)
    const key = `second:${id}`
    this.slow.refuseEarly(key)
    const isRight =
      person?.isActive === true &&
      (await this.slow.alone(async () => {
        this.slow.refuseEarly(key)
        const right =
          (await isSecret(secret, person.password)) || (person.pin !== null && (await isSecret(secret, person.pin)))
        this.slow.note(key, right)
        return right
      }))
    if (!person || !isRight) throw new ForbiddenException({ statusCode: 403, message: 'The password or PIN of whoever signs with you is not right.', asks: 'second' }) // prettier-ignore
    return person
  }
}
