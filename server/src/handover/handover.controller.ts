import { Body, Controller, Get, Param, ParseUUIDPipe, Post, Query, StreamableFile } from '@nestjs/common'
import { ApiOkResponse, ApiOperation, ApiProperty, ApiPropertyOptional, ApiTags } from '@nestjs/swagger'
import { type AheadView, type RecheckView } from '@nimble-anchor/core/formats'
import { type RecheckAnswer } from '@nimble-anchor/core/procedure'
import { IsIn, IsObject, Validate } from 'class-validator'
import { FittingId, nameSchema } from '@nimble-anchor/core/ground'
import { Fits } from '../http/fits'
import { Optional } from '../http/optional'
import { ReaderLocale } from '../http/locale'
import { Waits, type Waiter } from '../work/waiter'
import { Heavy } from '../people/limits'
import { Answers } from './answers'
import { HandoverService } from './handover.service'
import { AddRecheck } from './commands/add-recheck'
import { RechecksRead } from './rechecks-read'

class AheadDto {
  @ApiPropertyOptional({ enum: ['shelf', 'catalogue'], description: 'What a way through the years may use.' })
  @Optional()
  @IsIn(['shelf', 'catalogue'])
  of?: 'shelf' | 'catalogue'
}

class RecheckDto {
  @ApiProperty({ example: 'Maren Hale' })
  @Fits(nameSchema)
  who: string

  @ApiProperty({ example: { connectors: 'yes', leg: 'unsure' } })
  @IsObject()
  @Validate(Answers)
  answers: Record<string, RecheckAnswer>
}

@ApiTags('handover')
@Controller('api/fittings')
export class HandoverController {
  constructor(
    private readonly handover: HandoverService,
    private readonly rechecks: RechecksRead,
    private readonly adding: AddRecheck,
  ) {}

  @Get(':id/ahead')
  @Heavy()
  @ApiOperation({ summary: 'What changes next and when, and one restraint after another from the shelf' })
  ahead(
    @Param('id', ParseUUIDPipe) id: string,
    @Query() { of }: AheadDto,
    @Waits() waiter: Waiter,
  ): Promise<AheadView> {
    return this.handover.ahead(FittingId(id), of, waiter)
  }

  @Get(':id/sheet.pdf')
  @Heavy()
  @ApiOperation({ summary: 'The handover sheet, A4' })
  @ApiOkResponse({ content: { 'application/pdf': {} } })
  async sheet(
    @Param('id', ParseUUIDPipe) id: string,
    @ReaderLocale() locale: string | undefined,
    @Waits() waiter: Waiter,
  ): Promise<StreamableFile> {
    return new StreamableFile(await this.handover.sheet(FittingId(id), locale, waiter), {
      type: 'application/pdf',
      disposition: 'attachment; filename="handover.pdf"',
    })
  }

  @Get(':id/due.ics')
  @Heavy()
  @ApiOperation({ summary: 'What is due, as iCalendar' })
  @ApiOkResponse({ content: { 'text/calendar': {} } })
  async calendar(@Param('id', ParseUUIDPipe) id: string, @Waits() waiter: Waiter): Promise<StreamableFile> {
    return new StreamableFile(Buffer.from(await this.handover.calendar(FittingId(id), waiter)), {
      type: 'text/calendar; charset=utf-8',
      disposition: 'attachment; filename="due.ics"',
    })
  }

  @Get(':id/rechecks')
  @ApiOperation({ summary: 'What the carer found at home, the newest first' })
  recheckList(@Param('id', ParseUUIDPipe) id: string): Promise<readonly RecheckView[]> {
    return this.rechecks.list(FittingId(id))
  }

  @Post(':id/rechecks')
  @ApiOperation({ summary: 'The carer’s answers to at most ten questions' })
  recheck(@Param('id', ParseUUIDPipe) id: string, @Body() body: RecheckDto): Promise<RecheckView> {
    return this.adding.run(FittingId(id), body.who, body.answers)
  }
}
