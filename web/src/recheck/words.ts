/** What a carer's second look came to, in words. */
export const RECHECK_WORD = { pass: 'all as handed over', fail: 'something was not right', undecided: 'not all could be told' } as const // prettier-ignore
