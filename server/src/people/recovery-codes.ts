import type { EntityManager } from 'typeorm'
import { RecoveryCodeRow } from '../storage/people-entities'
import { hashOf, newRecoveryCode, plainCode } from './secrets'

const RECOVERY_CODES = 8

/** New codes to print, stored as hashes in place of those until now. @returns the codes: told this once */
export async function renewCodes(manager: EntityManager, personId: string): Promise<readonly string[]> {
  const codes = Array.from({ length: RECOVERY_CODES }, newRecoveryCode)
  await manager.delete(RecoveryCodeRow, { personId })
  await manager.insert(RecoveryCodeRow, codes.map((code) => ({ personId, hash: hashOf(plainCode(code)) }))) // prettier-ignore
  return codes
}
