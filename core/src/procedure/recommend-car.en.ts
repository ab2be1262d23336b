/** What is said of the vehicle's head restraint. */
export const HEAD_RESTRAINT_EN = {
  on: 'On its seat',
  'off-and-stowed': 'Off, stowed in the load space',
  stays: 'It does not come off here',
  because: {
    offByMaker: 'the maker asks for it off: another place or route',
    cushion: 'nothing else holds the head on a cushion',
    maker: 'the maker asks for it',
    fouls: 'it holds the restraint away from the backrest',
    'always-off': 'the practice profile takes it off',
    'only-where-it-fouls': 'the practice profile takes it off only where it pushes against the restraint',
  },
} as const
