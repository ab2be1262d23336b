import { sentence, ruleText } from '../say.ts'

const TOUCH_TEXT = {
  'must-touch': 'the maker asks for touch',
  'must-not-touch': 'the maker asks for a clear gap',
  either: 'the maker accepts touch or gap',
} as const

export default ruleText({
  title: 'Front seat against the shell',
  standsOn:
    'Makers differ: must touch, must not touch, or either; the practice school “clear gap always” applies only where the maker leaves it open.',
  says: {
    'unknown-front-seat': sentence({
      reason: () => 'Whether the shell must, must not or may touch what is in front of it has not been read.',
      remedy: () => 'Read it in the manual, and enter it with the route.',
    }),
    judged: sentence<{
      row: number
      seen: string
      bySchool: boolean
      rule: 'either' | 'must-touch' | 'must-not-touch'
    }>({
      reason: ({ row, seen, bySchool, rule }) =>
        `${row === 1 ? 'Dashboard' : 'Front seat'} ${seen === 'clear' ? 'clear of the shell' : `${seen} the shell`}; ${bySchool ? 'your practice profile asks for a clear gap' : TOUCH_TEXT[rule]}.`,
    }),
  },
})
