/** Constants of the growth model; see ARCHITECTURE.md beside this file. Our own choices, not fitted to data. */

/** Correlation of mass-for-age with stature-for-age, of levels and of their monthly moves. */
export const MASS_STATURE_CORRELATION = 0.65

/** Over these months after 24 the correction for a preterm birth fades away. */
export const CORRECTION_FADES_OVER_MONTHS = 12

export const HORIZON_MONTHS = 144
export const DEFAULT_TRAJECTORIES = 10_000
