import { checkText } from '../text.ts'
import type check from './knees.ts'

export default checkText<typeof check>({
  label: 'Knees',
  how: 'Sitting right back, the knees bend at the cushion’s edge.',
  options: { bend: 'bend at the edge', short: 'do not reach the edge', unsure: 'cannot tell' },
  remedy: 'A child whose knees do not reach will slump: choose a restraint with a shorter seat.',
})
