import { Injectable } from '@nestjs/common'
import { readCatalogue, type ImportRow, type ReadItem } from '@nimble-anchor/core/formats'
import { Clock } from '../../http/clock'
import { FaultsException } from '../../http/faults'
import { refuseUnseen } from '../../http/seen'
import { Database } from '../../storage/database'
import { partOf, type Waiter } from '../../work/waiter'
import { Workshop } from '../../work/workshop'
import { isSameStanding, judgeItems, standingOf, type JudgedItem } from '../judging'
import { storeItems } from '../storing'

const NOTHING_IMPORTED = 'The catalogue is not valid; nothing was imported.'

/** About so much of an import is reading the file, then judging each entry against what stands; the rest is storing. */
const READING_SHARE = 0.6
const JUDGING_SHARE = 0.85

/** How a file is taken in. */
interface ImportHow {
  /** Says what would happen, and stores nothing. */
  readonly isPreview: boolean
  /** Ids of units of which the file is believed over what the shelf knows. */
  readonly overruled?: ReadonlySet<string>
  /** Of a single entry, the fingerprint of what its writer saw; a file says nothing of that. */
  readonly seen?: string | undefined
  /** Given when nobody waits for the answer any more. */
  readonly waiter?: Waiter
}

/** So few entries that reading them takes no longer than sending them to another thread. */
const FEW = 20
const isSmall = (document: unknown): boolean =>
  typeof document !== 'object' ||
  document === null ||
  Object.values(document).reduce((n: number, list) => n + (Array.isArray(list) ? list.length : 0), 0) <= FEW

/** Imports a catalogue or a spreadsheet of one kind, all of it or nothing, or says what would happen. */
@Injectable()
export class ImportCatalogue {
  constructor(
    private readonly db: Database,
    private readonly clock: Clock,
    private readonly workshop: Workshop,
  ) {}

  async run(data: unknown, how: ImportHow): Promise<readonly ImportRow[]> {
    const isCsv = typeof data === 'string'
    const reading = how.waiter && partOf(how.waiter, 0, READING_SHARE)
    // A few entries are read at once; a file is read beside the requests.
    const read = isCsv
      ? await this.workshop.run('readCsv', [data], reading)
      : isSmall(data)
        ? readCatalogue(data)
        : await this.workshop.run('readCatalogue', [data], reading)
    if (!read.ok)
      throw new FaultsException(isCsv ? 'The spreadsheet is not valid; nothing was imported.' : NOTHING_IMPORTED, read.error) // prettier-ignore
    return this.store(read.value, how)
  }

  /** Says of each item whether it is new, changed, the same or rejected; stores all of them, or none. */
  private async store(
    items: readonly ReadItem[],
    { isPreview, overruled = new Set(), seen, waiter }: ImportHow,
  ): Promise<readonly ImportRow[]> {
    const [first] = items
    if (seen !== undefined && items.length !== 1)
      throw new FaultsException(NOTHING_IMPORTED, [{ path: '$', message: 'If-Match speaks of one entry alone' }])
    // Judged outside of the transaction, with room for others in between; inside it only what moved meanwhile is judged again.
    const how = { today: this.clock.today(), overruled }
    const before = await standingOf(this.db.read, items, waiter)
    const judging = waiter && partOf(waiter, READING_SHARE, isPreview ? 1 : JUDGING_SHARE)
    const judged = await judgeItems(items, before, { ...how, waiter: judging })
    const rowsOf = (all: readonly JudgedItem[]): readonly ImportRow[] => all.map((j) => j.row)
    if (isPreview) return rowsOf(judged)
    return this.db.write(async (manager) => {
      const now = await standingOf(manager, items, waiter)
      if (seen !== undefined && first) {
        const text = now.texts.get(`${first.kind}/${first.id}`)
        refuseUnseen(text === undefined ? undefined : JSON.parse(text), seen)
      }
      const all = isSameStanding(before, now) ? judged : await judgeItems(items, now, { ...how, waiter })
      const faults = all.flatMap((j) => j.row.faults ?? [])
      if (faults.length > 0) throw new FaultsException(NOTHING_IMPORTED, faults)
      await storeItems(manager, all, waiter && partOf(waiter, JUDGING_SHARE, 1))
      return rowsOf(all)
    })
  }
}
