import { checkText } from '../text.ts'
import type check from './diagonal.ts'

export default checkText<typeof check>({
  label: 'Diagonal section',
  how: 'Where it crosses the shoulder.',
  options: {
    middle: 'over the middle of the shoulder',
    neck: 'at the neck',
    arm: 'off towards the arm or under it',
    unsure: 'cannot tell',
  },
  remedy: 'Move the guide so that the belt crosses the middle of the shoulder, between neck and arm.',
})
