import { checkText } from '../text.ts'
import type check from './tether-flat.ts'

export default checkText<typeof check>({
  label: 'Tether strap',
  how: 'Run a hand along the whole strap, over or round the head restraint as the maker says.',
  options: { flat: 'flat, on its path', twisted: 'twisted or off its path', unsure: 'cannot tell' },
  remedy: 'Slacken, lay it flat on the path the maker shows, and tighten again.',
})
