import { checkText } from '../text.ts'
import type check from './booster-path.ts'

export default checkText<typeof check>({
  label: 'Belt through every guide',
  how: 'Follow lap and diagonal with a finger through every guide of the booster; at the buckle side the diagonal runs under the arm rest too, unless the maker draws it otherwise.',
  options: { 'as-listed': 'every guide, as listed', 'guide-missed': 'a guide is missed', unsure: 'cannot tell' },
  remedy: 'Unbuckle and lead the belt through the guides as listed.',
})
