import { checkText } from '../text.ts'
import type check from './label-serial.ts'

export default checkText<typeof check>({
  label: 'Label and serial',
  how: 'Read the approval label and the serial on the shell, and compare both with the entry.',
  options: { match: 'read today, both match', differs: 'something differs', unsure: 'cannot be read' },
  remedy: 'Find the entry and the manual that belong to this label; until then it is another restraint.',
})
