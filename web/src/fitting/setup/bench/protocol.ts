import type { FoundSetUp } from '@nimble-anchor/core/bench'
import type { Case } from '@nimble-anchor/core/casefile'
import type { Finding } from '@nimble-anchor/core/rules'

/** What page and worker say to each other: findings as sentences, since functions do not travel. */
export interface FoundSetting extends Omit<FoundSetUp, 'findings'> {
  readonly findings: readonly Finding[]
}
export interface SetUpAnswer {
  readonly tried: number
  readonly found: readonly FoundSetting[]
}
export interface SetUpWorker {
  find(c: Case): Promise<SetUpAnswer>
}
