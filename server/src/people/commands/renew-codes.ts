import { Injectable } from '@nestjs/common'
import { Database } from '../../storage/database'
import { renewCodes } from '../recovery-codes'

/** New recovery codes; those until now open nothing any more. */
@Injectable()
export class RenewCodes {
  constructor(private readonly db: Database) {}

  run(personId: string): Promise<readonly string[]> {
    return this.db.write((manager) => renewCodes(manager, personId))
  }
}
