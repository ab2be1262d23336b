import { Controller, Delete, Get, HttpCode, Post } from '@nestjs/common'
import { ApiOperation, ApiTags } from '@nestjs/swagger'
import type { DemoRemoved, DemoView } from '@nimble-anchor/core/formats'
import { DemoService } from './demo.service'

@ApiTags('demo')
@Controller('api/demo')
export class DemoController {
  constructor(private readonly demo: DemoService) {}

  @Get()
  @ApiOperation({ summary: 'Which records are the demo’s, and how far its season is filled in' })
  view(): Promise<DemoView> {
    return this.demo.view()
  }

  @Post()
  @HttpCode(200)
  @ApiOperation({ summary: 'Fill an empty folder with the demo; 409 where there is data already' })
  begin(): Promise<DemoView> {
    return this.demo.begin()
  }

  @Delete()
  @ApiOperation({
    summary: 'Take all away that the demo brought',
    description:
      'Its families with every fitting made for them, its visits and jobs, and its cars and restraints but for those that somebody has changed since: these are kept and named.',
  })
  remove(): Promise<DemoRemoved> {
    return this.demo.remove()
  }
}
