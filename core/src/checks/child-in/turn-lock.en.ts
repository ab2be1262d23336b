import { checkText } from '../text.ts'
import type check from './turn-lock.ts'

export default checkText<typeof check>({
  label: 'Turn lock',
  how: 'Turn the shell to its travel direction, and try to turn it further.',
  options: { locked: 'locked for this direction', turns: 'still turns', unsure: 'cannot tell' },
  remedy: 'Turn until it locks; nothing may lie under the shell.',
})
