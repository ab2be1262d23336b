import { Controller, Delete, Get, HttpCode, NotFoundException, Param, ParseUUIDPipe } from '@nestjs/common'
import { ApiOperation, ApiTags } from '@nestjs/swagger'
import { shareOf, stopWork } from './waiter'

@ApiTags('health')
@Controller('api/work')
export class WorkController {
  @Get(':id')
  @ApiOperation({
    summary: 'How far a long request is',
    description:
      'A request that takes long may name itself in the header x-work, by a UUID of its own. While it is worked on, this says which share is done.',
  })
  share(@Param('id', ParseUUIDPipe) id: string): { readonly share: number } {
    const share = shareOf(id)
    if (share === undefined) throw new NotFoundException('No such work is under way.')
    return { share }
  }

  @Delete(':id')
  @HttpCode(202)
  @ApiOperation({
    summary: 'Stop a long request',
    description:
      'The request itself answers whether it was still stopped (409, and nothing of it is stored) or had come too far.',
  })
  stop(@Param('id', ParseUUIDPipe) id: string): { readonly asked: true } {
    if (!stopWork(id)) throw new NotFoundException('No such work is under way.')
    return { asked: true }
  }
}
