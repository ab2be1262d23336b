// Which suite runs when. Where nothing is remembered of earlier runs, as in a fresh clone, Jest goes by the length of a
// file; a suite that stands in for many is short, whatever it does. The server's take longest, the interface's least.
import Sequencer from '@jest/test-sequencer'

const ORDER = ['server', 'core', 'web']
const rank = ({ context, path }) =>
  ORDER.indexOf(context.config.displayName?.name) + (path.includes('.joined') ? 0 : 0.5)

export default class LongestFirst extends Sequencer {
  sort(tests) {
    return [...tests].sort((a, b) => rank(a) - rank(b) || (a.path < b.path ? -1 : 1))
  }
}
