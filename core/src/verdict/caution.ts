/** Stands wherever a verdict is shown. */
export const CAUTION =
  'This is a working aid; the restraint’s manual, the vehicle handbook and local law decide; a child travels only after a competent person has checked the installation by hand.'
