/** What this folder says, in English. */

// local-rule
export const needsAStatureAnAge = 'needs a stature, an age or a mass'
export const until135CmOr12 = 'Until 135 cm or 12 years'
export const until150CmOr12 = 'Until 150 cm or 12 years'
export const until150CmOr36 = 'Until 150 cm or 36 kg'
