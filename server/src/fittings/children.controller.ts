import { Controller, Get, Param } from '@nestjs/common'
import { ApiOperation, ApiTags } from '@nestjs/swagger'
import type { GrowthReading } from '@nimble-anchor/core/formats'
import { FittingsRead } from './fittings-read'

@ApiTags('children')
@Controller('api/children')
export class ChildrenController {
  constructor(private readonly fittings: FittingsRead) {}

  @Get(':id/readings')
  @ApiOperation({ summary: 'What a child measured at each of its fittings' })
  readings(@Param('id') id: string): Promise<readonly GrowthReading[]> {
    return this.fittings.readings(id)
  }
}
