/** Names for tests of arrangements: everything is called by its id. */
export const NAMES = {
  rider: (id: string) => id,
  place: (_: string | undefined, id: string) => id,
  model: (id: string) => id,
  car: (id: string) => id,
  pin: () => 'Col in Reef',
}
