import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Advised lower tethers',
  standsOn:
    'Where the maker advises it, whether it is hooked is said: hooked it is checked like a required one, left off it is spoken of.',
  says: {},
})
