import { jobText } from '../job-text.ts'

export default jobText({
  steps: {
    shake: () => 'Turn the restraint over and shake out crumbs.',
    rinse: () => 'Rinse the buckle with plain warm water; press the button while it runs. No oil, no soap.',
    dry: () => 'Dry it fully.',
  },
})
