import { findSetUp } from '@nimble-anchor/core/bench'
import { type Case } from '@nimble-anchor/core/casefile'
import { fittedSubject } from '@nimble-anchor/core/match'
import { toFinding } from '@nimble-anchor/core/rules'
import { expose } from 'comlink'
import type { FoundSetting, SetUpWorker } from './protocol.ts'

const worker: SetUpWorker = {
  find(c: Case) {
    const subject = fittedSubject(c)
    if (!subject) return Promise.resolve({ tried: 0, found: [] })
    const { tried, found } = findSetUp(subject)
    return Promise.resolve({
      tried,
      found: found.map(({ findings, ...rest }): FoundSetting => ({
        ...rest,
        findings: findings.map((f) => toFinding(f)),
      })),
    })
  },
}
expose(worker)
