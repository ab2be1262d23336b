import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Advised top tether',
  standsOn:
    'Where the maker advises it, record whether it is hooked. Hooked, it is checked like a required one; left off, it is explained to the carer.',
  says: {},
})
