import { jobText } from '../job-text.ts'

export default jobText({
  steps: {
    photo: () => 'Photograph the straps at front and back, as they run now.',
    'let-out': () => 'Let the harness out fully; unhook it at the back.',
    unthread: () => 'Draw straps and crotch strap out of the cover’s slots.',
    'cover-off': () => 'Unhook the cover, from the edge to the middle; leave foam in place.',
    wash: () => 'Wash as its label says, commonly 30 °C and no dryer. Straps are only wiped, with water.',
    dry: () => 'Dry it fully, away from the sun.',
    'cover-on': () => 'Put the cover back, from the middle to the edge, foam beneath it.',
    thread: () => 'Thread straps and crotch strap back through cover, foam and shell, both sides alike.',
    hook: () => 'Hook both straps on at the back, flat.',
  },
})
