/** What is wrong with a question that is well formed in itself. */
export const REQUEST_EN = {
  title: 'A family in one car: the question',
  ofTheDriver: 'is kept for the driver',
  oneOfTwo: 'needs "unitId" or "modelId", one of them',
  usedTwice: (id: string) => `"${id}" is used twice`,
  notAfter: (day: string) => `must not be after ${day}`,
  noPlace: (id: string) => `no place "${id}" in any of the cars`,
  noPlaceInCar: (id: string) => `no place "${id}" in that car`,
  noRestraint: (id: string) => `no restraint "${id}" here`,
  noUnit: (id: string) => `no unit "${id}" here`,
  noCar: (id: string) => `no car "${id}" here`,
  noChild: (id: string) => `no child "${id}" here`,
} as const
