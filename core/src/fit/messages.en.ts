/** What this folder says, in English. */

// shell-angle
export const asUprightAsTheHead = 'as upright as the head lies back, chin free'
export const theMakersOwnLine = 'the maker’s own line'
export const noHeadControlYet = 'no head control yet'
export const headControlUnderAYear = 'head control, under a year'
export const olderChildRearward = 'older child rearward'

// head-line
export const crown = 'Crown'
export const eyes = 'Eyes'
export const topOfTheEars = 'Top of the ears'
