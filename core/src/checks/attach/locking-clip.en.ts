import { checkText } from '../text.ts'
import type check from './locking-clip.ts'

export default checkText<typeof check>({
  label: 'Locking clip',
  how: 'Look where the loose clip sits: on its section of the belt, at the distance from the tongue that the maker gives, both arms over the belt.',
  options: { placed: 'in its place, closed', wrong: 'elsewhere, or open', unsure: 'cannot tell' },
  remedy: 'Take it off, hold the tension at the tongue, and put it on where the maker says.',
})
