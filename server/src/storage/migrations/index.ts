import { Initial1790000000001 } from './0001-initial'
import { PracticeAndDeciding1790000000002 } from './0002-practice-and-deciding'
import { ListNames1790000000003 } from './0003-list-names'
import { Revisions1790000000003 } from './0003-revisions'
import { Records1790000000004 } from './0004-records'
import { Version21790000000005 } from './0005-version-2'
import { EntriesAndElsewhere1790000000006 } from './0006-entries-and-elsewhere'
import { DemoAndDue1790000000007 } from './0007-demo-and-due'
import { People1790000000008 } from './0008-people'
import { Rides1790000000009 } from './0009-rides'

/** In the order in which they are run. One that has shipped is never changed: `migrations.test.ts` holds its hash. */
export const MIGRATIONS = [
  Initial1790000000001,
  PracticeAndDeciding1790000000002,
  Revisions1790000000003,
  ListNames1790000000003,
  Records1790000000004,
  Version21790000000005,
  EntriesAndElsewhere1790000000006,
  DemoAndDue1790000000007,
  People1790000000008,
  Rides1790000000009,
]

/** What cannot be done inside a transaction, after the migration named: here, once, the leavings of what was erased before deleting wrote over it. */
export const RUN_ONCE_AFTER: Readonly<Record<string, readonly string[]>> = {
  EntriesAndElsewhere1790000000006: [
    `INSERT INTO "fitting_search" ("fitting_search") VALUES ('optimize')`,
    'VACUUM',
    'PRAGMA wal_checkpoint(TRUNCATE)',
  ],
}
