import { checkText } from '../text.ts'
import type check from './belt-tension.ts'

export default checkText<typeof check>({
  label: 'Belt tension',
  how: 'Weight on the shell; pull the slack up at the tongue, then try to lift the lap section off the shell.',
  options: { tight: 'tight, lies close', slack: 'some can be lifted', unsure: 'cannot tell' },
  remedy: 'Put your weight on it, pull the diagonal up at the tongue, and feed the spare belt back.',
})
