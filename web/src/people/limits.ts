/** As many signs as a password has at least; the server holds it to that too. */
export const LEAST_PASSWORD = 10
/** And a PIN, in figures. */
export const LEAST_PIN = 4
