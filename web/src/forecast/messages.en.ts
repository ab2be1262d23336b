/** What the screens of this folder say, in English. */

export const forecastNotWorkedOut = 'The forecast could not be worked out.'
