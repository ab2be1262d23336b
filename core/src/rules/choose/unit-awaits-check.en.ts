import { dayInSentence } from '../../quantities/index.ts'
import { jobTitle } from '../../restraint/index.ts'
import { sentence, ruleText } from '../say.ts'

export default ruleText({
  title: 'Checked since it was taken apart',
  standsOn:
    'A restraint that was taken apart, re-threaded or converted is not for use until its closing checks are done.',
  says: {
    fail: sentence<{ serial: string | undefined; job: string; since: string | undefined }>({
      reason: ({ serial, job, since }) =>
        `Unit ${serial}: “${jobTitle(job)}” was started on ${since && dayInSentence(since)}; its checks are still to do.`,
      remedy: () => 'Finish the job and its checks, or choose another unit.',
    }),
  },
})
