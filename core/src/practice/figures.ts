/*
 * The figures on which the schools differ, in one place: the rules judge by them, the questions to the carer and the
 * profile's own words name them. They are the trade's, not the law's: a maker's own figure beats each.
 */

/** Slack that each measuring school accepts, by what it measures with: one finger's thickness, or two. */
export const SLACK_MM = { 'one-finger': 15, 'two-fingers': 25 } as const

/** How far a restraint may move at the belt path or base under a firm hand. */
export const STEADY_WITHIN_MM = 25

/** The strict school keeps an infant's crown this far below the edge of the shell. */
export const STRICT_CROWN_MM = 25
