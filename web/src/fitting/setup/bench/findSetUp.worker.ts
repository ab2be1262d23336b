import { findSetUp, fittedSubject, toFinding, type Case } from '@nimble-anchor/core'
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
