import { buildCase } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'

looks({
  rule: 'bench-set',
  check: 'bench-set',
  stage: 'attach',
  severity: 'fix',
  source: 'vehicle',
  on: buildCase({ position: { without: [], slidingTrack: { handbookSetting: 'fully back' } } }),
  gives: { set: 'pass', other: 'fail', unsure: 'undecided' },
  outdatedBy: ['removed', 'left'],
  notAsked: {
    'a bench that does not slide': buildCase(),
    'a track whose handbook asks for no setting': buildCase({
      position: { without: [], slidingTrack: { handbookSetting: '' } },
    }),
    'a track whose handbook was not read': buildCase({ position: { without: [], slidingTrack: {} } }),
    'the front row': buildCase({ position: { row: 1, without: [], slidingTrack: { handbookSetting: 'fully back' } } }),
  },
})
