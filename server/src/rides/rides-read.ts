import { Injectable, NotFoundException } from '@nestjs/common'
import { chosenIn, type Case } from '@nimble-anchor/core/casefile'
import type { RideView } from '@nimble-anchor/core/formats'
import { ownAndPlaces, rideStanding } from '@nimble-anchor/core/ride'
import { modelName } from '@nimble-anchor/core/restraint'
import { findRide, memberOf, type StoredRide } from '../fittings/ride-of'
import { Database } from '../storage/database'

/** What is asked of rides: how all of one stand together. */
@Injectable()
export class RidesRead {
  constructor(private readonly db: Database) {}

  /** @throws NotFoundException */
  async find(id: string): Promise<StoredRide> {
    const ride = await findRide(this.db.read, id)
    if (ride === undefined) throw new NotFoundException('There is no such ride.')
    return ride
  }

  async get(id: string): Promise<RideView> {
    const { createdAt, body, rows } = await this.find(id)
    const standing = rideStanding(id, rows.map(memberOf), body.adults, body.installing)
    const vehicle = (rows[0]?.current as Case | undefined)?.vehicle
    return {
      id,
      createdAt,
      vehicle: vehicle ?? null,
      verdict: standing.verdict,
      members: standing.members.map((member, i) => {
        const row = rows[i] as (typeof rows)[number]
        const c = row.current as Case
        const { model, mode } = chosenIn(c)
        const { own, positionIds } = ownAndPlaces(c)
        return {
          ...member,
          childId: row.childId,
          childName: c.child.name,
          positionIds,
          direction: mode?.direction ?? null,
          restraintName: model ? modelName(model) : null,
          modeLabel: mode?.label ?? null,
          own,
          hasExtra: mode?.extraWidthMm !== undefined,
          widthSettings: (mode?.widthSettings ?? []).map(({ label, outsideMm }) => ({ label, outsideMm })),
          sequence: row.sequence,
        }
      }),
      adults: body.adults,
      loading: body.loading,
    }
  }
}
