import { checkText } from '../text.ts'
import type check from './tether-point.ts'

export default checkText<typeof check>({
  label: 'Tether hooked to',
  how: 'Find the anchorage in the handbook; a luggage ring looks much like one.',
  options: { anchorage: 'the marked anchorage', 'luggage-ring': 'a luggage ring', unsure: 'something not marked' },
  remedy: 'Hook it to the marked tether anchorage only; if there is none, choose another place or route.',
})
