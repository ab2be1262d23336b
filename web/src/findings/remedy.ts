import type { Assessment } from '@nimble-anchor/core/verdict'

/** What to do about a verdict that says no. */
export function remedyOf(assessment: Assessment): string | undefined {
  const isNo = assessment.verdict === 'not-ready' || assessment.verdict === 'not-permitted'
  return isNo ? assessment.findings[0]?.remedy : undefined
}
