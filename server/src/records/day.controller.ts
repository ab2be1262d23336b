import { Body, Controller, Delete, Get, Headers, HttpCode, Param, ParseUUIDPipe, Post, Put } from '@nestjs/common'
import { ApiHeader, ApiOperation, ApiProperty, ApiTags } from '@nestjs/swagger'
import { VISIT_STATES, type DayView, type VisitState, type VisitView } from '@nimble-anchor/core/formats'
import { IsBoolean, IsIn, IsString, IsUUID, Matches, MaxLength, ValidateIf } from 'class-validator'
import { FittingId, idSchema, nameSchema } from '@nimble-anchor/core/ground'
import { Fits } from '../http/fits'
import { IsDay } from '../http/day'
import { BookVisit } from './commands/book-visit'
import { ChangeVisit } from './commands/change-visit'
import { StrikeVisit } from './commands/strike-visit'
import { DayRead } from './day-read'
import type { VisitEntry } from './visits'

class VisitDto {
  @ApiProperty({ example: '2026-11-25' })
  @IsDay()
  day: string

  @ApiProperty({ example: '10:20' })
  @Matches(/^([01]\d|2[0-3]):[0-5]\d$/, { message: 'must be a time, HH:MM' })
  time: string

  @ApiProperty({ example: 'Hale' })
  @Fits(nameSchema)
  who: string

  @ApiProperty()
  @IsString()
  @MaxLength(500)
  note: string

  @ApiProperty()
  @IsBoolean()
  isWalkIn: boolean

  @ApiProperty({ enum: VISIT_STATES })
  @IsIn(VISIT_STATES)
  state: VisitState

  @ApiProperty({ nullable: true, type: String })
  @ValidateIf((v: VisitDto) => v.childId !== null)
  @Fits(idSchema)
  childId: string | null

  @ApiProperty({ nullable: true, type: String })
  @ValidateIf((v: VisitDto) => v.vehicleId !== null)
  @Fits(idSchema)
  vehicleId: string | null

  @ApiProperty({ nullable: true, type: String })
  @ValidateIf((v: VisitDto) => v.fittingId !== null)
  @IsUUID()
  fittingId: string | null
}

const entryOf = ({ fittingId, ...visit }: VisitDto): VisitEntry => ({
  ...visit,
  fittingId: fittingId === null ? null : FittingId(fittingId),
})

@ApiTags('day')
@Controller('api')
export class DayController {
  constructor(
    private readonly days: DayRead,
    private readonly booking: BookVisit,
    private readonly changing: ChangeVisit,
    private readonly striking: StrikeVisit,
  ) {}

  @Get('day')
  @ApiOperation({ summary: 'The bay’s day: queue, what has come due, open jobs' })
  day(): Promise<DayView> {
    return this.days.day()
  }

  @Post('visits')
  @ApiOperation({ summary: 'Book a family for a time, or note a walk-in' })
  add(@Body() visit: VisitDto): Promise<VisitView> {
    return this.booking.run(entryOf(visit))
  }

  @Put('visits/:id')
  @ApiOperation({ summary: 'Change a visit' })
  @ApiHeader({ name: 'If-Match', description: 'Fingerprint of the visit as it was seen', required: true })
  change(
    @Param('id', ParseUUIDPipe) id: string,
    @Body() visit: VisitDto,
    @Headers('if-match') seen?: string,
  ): Promise<VisitView> {
    return this.changing.run(id, entryOf(visit), seen)
  }

  @Delete('visits/:id')
  @HttpCode(204)
  @ApiOperation({ summary: 'Take a visit off the queue' })
  remove(@Param('id', ParseUUIDPipe) id: string): Promise<void> {
    return this.striking.run(id)
  }
}
