import { Body, Controller, Get, Header, HttpCode, HttpException, Post, Req, Res } from '@nestjs/common'
import { ApiOperation, ApiProperty, ApiTags } from '@nestjs/swagger'
import type { HereView } from '@nimble-anchor/core/formats'
import { IsInt, IsUUID, Max, Min, ValidateIf } from 'class-validator'
import { FittingId, nameSchema } from '@nimble-anchor/core/ground'
import { Fits } from '../http/fits'
import { Optional } from '../http/optional'
import type { Request, Response } from 'express'
import { Inject } from '@nestjs/common'
import type { Transport } from '../net/transport'
import { Asker, signedBy, type Caller } from '../people/caller'
import { tokenIn } from '../people/cookie'
import { Sessions, TRANSPORT } from '../people/sessions.service'
import { Live } from './live.service'

class HereDto {
  @ApiProperty({ description: 'An id of its own for each tab of a browser.' })
  @IsUUID()
  tab: string

  @ApiProperty({ nullable: true, type: String })
  @ValidateIf((h: HereDto) => h.fittingId !== null)
  @IsUUID()
  fittingId: string | null

  @ApiProperty({ required: false, description: 'Counts what this tab says: of two, the higher one was said later.' })
  @Optional()
  @IsInt()
  @Min(0)
  @Max(Number.MAX_SAFE_INTEGER)
  nth?: number

  @ApiProperty({ example: 'Jory Quill' })
  @Fits(nameSchema)
  who: string
}

/** A line is said so often, so that a broken one is noticed on both ends. */
const BEAT_MS = 15_000
/** Of all devices together; a bay has a few, each with one. */
const MOST_STREAMS = 200

@ApiTags('live')
@Controller('api/live')
export class LiveController {
  private open = 0
  constructor(
    private readonly live: Live,
    private readonly sessions: Sessions,
    @Inject(TRANSPORT) private readonly transport: Transport,
  ) {}

  @Get()
  @Header('Content-Type', 'text/event-stream')
  @ApiOperation({
    summary: 'What changes, as it happens (server-sent events)',
    description:
      'Says that a fitting, the day or the catalogue has changed, and who is in which fitting; never what was entered.',
  })
  stream(@Asker() caller: Caller, @Req() req: Request, @Res() res: Response): void {
    if (this.open >= MOST_STREAMS)
      throw new HttpException({ statusCode: 503, message: 'Too many devices listen at once.' }, 503)
    this.open += 1
    res.setHeader('X-Accel-Buffering', 'no')
    res.flushHeaders()
    res.write('retry: 2000\n\n')
    const told = this.live.events.subscribe((event) => res.write(`data: ${JSON.stringify(event)}\n\n`))
    const end = (): void => void res.end()
    const ifRevoked = (deviceId: string): void => {
      if (deviceId === caller.deviceId) end()
    }
    this.sessions.onRevoked.add(ifRevoked)
    const beat = setInterval(() => {
      // A shift that is over, a person who has left: nothing is told to whoever may no longer ask.
      const { hasPeople, person, isLocked } = this.sessions.identify(tokenIn(req, this.transport), false)
      if (hasPeople && person === undefined && isLocked !== true) return end()
      res.write(': here\n\n')
    }, BEAT_MS).unref()
    res.once('close', () => {
      this.open -= 1
      told.unsubscribe()
      clearInterval(beat)
      this.sessions.onRevoked.delete(ifRevoked)
    })
  }

  @Post('here')
  @HttpCode(200)
  @ApiOperation({ summary: 'Which fitting somebody has open; said again every half minute' })
  here(@Asker() caller: Caller, @Body() { tab, fittingId, nth, who }: HereDto): HereView | Record<string, never> {
    const fitting = fittingId === null ? null : FittingId(fittingId)
    this.live.isHere(tab, signedBy(caller, who).who, fitting, nth)
    return fitting === null ? {} : this.live.whoIsIn(fitting)
  }
}
