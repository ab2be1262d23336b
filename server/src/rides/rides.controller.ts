import { FittingId } from '@nimble-anchor/core/ground'
import { Body, Controller, Delete, Get, Param, ParseUUIDPipe, Post, StreamableFile } from '@nestjs/common'
import { ApiConflictResponse, ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger'
import type { Case } from '@nimble-anchor/core/casefile'
import type { RideView } from '@nimble-anchor/core/formats'
import { Asker, signedBy, type Caller } from '../people/caller'
import { Heavy } from '../people/limits'
import { Waits, type Waiter } from '../work/waiter'
import { Workshop } from '../work/workshop'
import { BeginRide } from './commands/begin-ride'
import { BeginRideDto, LeaveRideDto } from './dto'
import { LeaveRide } from './commands/leave-ride'
import { RidesRead } from './rides-read'

@ApiTags('rides')
@Controller('api/rides')
export class RidesController {
  constructor(
    private readonly rides: RidesRead,
    private readonly beginning: BeginRide,
    private readonly leaving: LeaveRide,
    private readonly workshop: Workshop,
  ) {}

  @Post()
  @ApiOperation({ summary: 'Begin one fitting a child at the places of an arrangement, bound into a ride' })
  @ApiConflictResponse({ description: 'A fitting was begun for one of the visits already' })
  async begin(@Asker() caller: Caller, @Body() body: BeginRideDto): Promise<RideView> {
    return this.rides.get(await this.beginning.run(body, signedBy(caller, body.who)))
  }

  @Get(':id')
  @ApiOperation({ summary: 'How the fittings of a ride stand together' })
  get(@Param('id', ParseUUIDPipe) id: string): Promise<RideView> {
    return this.rides.get(id)
  }

  @Get(':id/sheet.pdf')
  @Heavy()
  @ApiOperation({ summary: 'One sheet for the ride, A4' })
  @ApiOkResponse({ content: { 'application/pdf': {} } })
  async sheet(@Param('id', ParseUUIDPipe) id: string, @Waits() waiter: Waiter): Promise<StreamableFile> {
    const view = await this.rides.get(id)
    const { rows } = await this.rides.find(id)
    const cases = rows.map((r) => r.current as Case)
    return new StreamableFile(Buffer.from(await this.workshop.run('rideSheet', [view, cases], waiter)), {
      type: 'application/pdf',
      disposition: 'attachment; filename="ride.pdf"',
    })
  }

  @Delete(':id/fittings/:fittingId')
  @ApiOperation({ summary: 'One of them travels alone from here on; the others are looked at without it' })
  async leave(
    @Asker() caller: Caller,
    @Param('id', ParseUUIDPipe) id: string,
    @Param('fittingId', ParseUUIDPipe) fittingId: string,
    @Body() { who }: LeaveRideDto,
  ): Promise<Record<string, never>> {
    await this.leaving.run(id, FittingId(fittingId), signedBy(caller, who))
    return {}
  }
}
