import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'head-restraint-maker',
  title: 'Vehicle head restraint as the maker asks',
  scope: 'fitted',
  stage: 'set-up',
  severity: 'fix',
  source: 'maker',
  standsOn: 'Some makers want the vehicle’s head restraint on, some off; their word comes before any school.',
  applies: ({ route, position }) =>
    (route.vehicleHeadRestraint === 'on' || route.vehicleHeadRestraint === 'off') && position.headRestraint !== 'none',
  evaluate: ({ route, settings }) => {
    const wanted = route.vehicleHeadRestraint
    const set = settings.vehicleHeadRestraint?.value
    const is = set === undefined ? undefined : set === 'on' ? 'on' : 'off'
    return {
      kind: is === undefined ? 'undecided' : is === wanted ? 'pass' : 'fail',
      missing: is === undefined ? ['setting.vehicleHeadRestraint'] : undefined,
      reason: () =>
        is === undefined
          ? `The maker asks for the vehicle head restraint ${wanted}; how it stands is not recorded.`
          : `The vehicle head restraint is ${is}; the maker asks for it ${wanted}.`,
      remedy: () => (wanted === 'on' ? 'Put it back on.' : 'Take it off and stow it in the load space.'),
    }
  },
})
