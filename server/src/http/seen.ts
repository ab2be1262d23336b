import { ConflictException, HttpException } from '@nestjs/common'
import { fingerprint } from '@nimble-anchor/core/ground'

/** What the writer saw, as the header has it: the fingerprint of the document, with or without quotes. */
const bare = (ifMatch: string): string => ifMatch.replace(/^"|"$/g, '')

/**
 * Refuses a change of something that stands otherwise by now than its writer
 * saw it, and shows how it stands; `undefined` is a thing that nobody has kept yet.
 *
 * @param ifMatch the header `If-Match`: the fingerprint of what was seen
 */
export function refuseUnseen(standing: unknown, ifMatch: string | undefined): void {
  if (standing === undefined) {
    if (ifMatch !== undefined && bare(ifMatch) !== '*')
      throw new ConflictException({ statusCode: 409, message: 'Somebody took this away meanwhile. Nothing was saved.' })
    return
  }
  if (ifMatch === undefined)
    throw new HttpException(
      {
        statusCode: 428,
        message: 'Say in If-Match which state you saw: its fingerprint, which POST /api/fingerprint tells.',
      },
      428,
    )
  if (bare(ifMatch) !== fingerprint(standing))
    throw new ConflictException({
      statusCode: 409,
      message: 'Somebody changed this meanwhile. Nothing of yours was saved.',
      standing,
    })
}
