import { Controller, Get, Param, ParseUUIDPipe, StreamableFile } from '@nestjs/common'
import { ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger'
import type { AheadView } from '@nimble-anchor/core'
import { HandoverService } from './handover.service'

@ApiTags('handover')
@Controller('api/fittings')
export class HandoverController {
  constructor(private readonly handover: HandoverService) {}

  @Get(':id/ahead')
  @ApiOperation({ summary: 'What changes next and when, and one restraint after another from the shelf' })
  ahead(@Param('id', ParseUUIDPipe) id: string): Promise<AheadView> {
    return this.handover.ahead(id)
  }

  @Get(':id/sheet.pdf')
  @ApiOperation({ summary: 'The handover sheet, A4' })
  @ApiOkResponse({ content: { 'application/pdf': {} } })
  async sheet(@Param('id', ParseUUIDPipe) id: string): Promise<StreamableFile> {
    return new StreamableFile(await this.handover.sheet(id), {
      type: 'application/pdf',
      disposition: 'attachment; filename="handover.pdf"',
    })
  }

  @Get(':id/due.ics')
  @ApiOperation({ summary: 'What is due, as iCalendar' })
  @ApiOkResponse({ content: { 'text/calendar': {} } })
  async calendar(@Param('id', ParseUUIDPipe) id: string): Promise<StreamableFile> {
    return new StreamableFile(Buffer.from(await this.handover.calendar(id)), {
      type: 'text/calendar; charset=utf-8',
      disposition: 'attachment; filename="due.ics"',
    })
  }
}
