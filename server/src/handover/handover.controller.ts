import { Body, Controller, Get, Param, ParseUUIDPipe, Post, Query, StreamableFile } from '@nestjs/common'
import { ApiOkResponse, ApiOperation, ApiProperty, ApiPropertyOptional, ApiTags } from '@nestjs/swagger'
import { type AheadView, type RecheckView } from '@nimble-anchor/core/formats'
import { RECHECK_ANSWERS, RECHECK_TAPS, type RecheckAnswer } from '@nimble-anchor/core/procedure'
import {
  IsIn,
  IsObject,
  IsString,
  Length,
  Validate,
  ValidatorConstraint,
  type ValidatorConstraintInterface,
} from 'class-validator'
import { Optional } from '../http/optional'
import { Waits, type Waiter } from '../work/waiter'
import { HandoverService } from './handover.service'
import { RecheckService } from './recheck.service'

@ValidatorConstraint()
class Answers implements ValidatorConstraintInterface {
  validate(value: unknown): boolean {
    const answers: unknown[] = typeof value === 'object' && value !== null ? Object.values(value) : []
    return answers.length <= RECHECK_TAPS && answers.every((a) => (RECHECK_ANSWERS as readonly unknown[]).includes(a))
  }
  defaultMessage(): string {
    return `must hold at most ${RECHECK_TAPS} answers, each of ${RECHECK_ANSWERS.join(', ')}`
  }
}

class AheadDto {
  @ApiPropertyOptional({ enum: ['shelf', 'catalogue'], description: 'What a way through the years may use.' })
  @Optional()
  @IsIn(['shelf', 'catalogue'])
  of?: 'shelf' | 'catalogue'
}

class RecheckDto {
  @ApiProperty({ example: 'Maren Hale' })
  @IsString()
  @Length(1, 120)
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
    private readonly rechecks: RecheckService,
  ) {}

  @Get(':id/ahead')
  @ApiOperation({ summary: 'What changes next and when, and one restraint after another from the shelf' })
  ahead(
    @Param('id', ParseUUIDPipe) id: string,
    @Query() { of }: AheadDto,
    @Waits() waiter: Waiter,
  ): Promise<AheadView> {
    return this.handover.ahead(id, of, waiter)
  }

  @Get(':id/sheet.pdf')
  @ApiOperation({ summary: 'The handover sheet, A4' })
  @ApiOkResponse({ content: { 'application/pdf': {} } })
  async sheet(@Param('id', ParseUUIDPipe) id: string, @Waits() waiter: Waiter): Promise<StreamableFile> {
    return new StreamableFile(await this.handover.sheet(id, waiter), {
      type: 'application/pdf',
      disposition: 'attachment; filename="handover.pdf"',
    })
  }

  @Get(':id/due.ics')
  @ApiOperation({ summary: 'What is due, as iCalendar' })
  @ApiOkResponse({ content: { 'text/calendar': {} } })
  async calendar(@Param('id', ParseUUIDPipe) id: string, @Waits() waiter: Waiter): Promise<StreamableFile> {
    return new StreamableFile(Buffer.from(await this.handover.calendar(id, waiter)), {
      type: 'text/calendar; charset=utf-8',
      disposition: 'attachment; filename="due.ics"',
    })
  }

  @Get(':id/rechecks')
  @ApiOperation({ summary: 'What the carer found at home, the newest first' })
  recheckList(@Param('id', ParseUUIDPipe) id: string): Promise<readonly RecheckView[]> {
    return this.rechecks.list(id)
  }

  @Post(':id/rechecks')
  @ApiOperation({ summary: 'The carer’s answers to at most ten questions' })
  recheck(@Param('id', ParseUUIDPipe) id: string, @Body() body: RecheckDto): Promise<RecheckView> {
    return this.rechecks.add(id, body.who, body.answers)
  }
}
