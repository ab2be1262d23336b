import { Body, Controller, HttpCode, Post } from '@nestjs/common'
import { ApiBadRequestResponse, ApiBody, ApiOperation, ApiTags } from '@nestjs/swagger'
import type { ArrangeResult } from '@nimble-anchor/core/arrange'
import { FaultsException } from '../http/faults'
import { Heavy } from '../people/limits'
import { Waits, type Waiter } from '../work/waiter'
import { Workshop } from '../work/workshop'

/** Put into the API's description by `app.ts`. */
const SCHEMA = { $ref: '#/components/schemas/ArrangeRequest' }

@ApiTags('arrange')
@Controller('api/arrange')
export class ArrangeController {
  constructor(private readonly workshop: Workshop) {}

  @Post()
  @Heavy()
  @HttpCode(200)
  @ApiOperation({ summary: 'A family in one car; the same answer as `npm run --silent arrange`' })
  @ApiBody({ schema: SCHEMA })
  @ApiBadRequestResponse({ description: 'Each fault with its JSON path and limit' })
  async arrange(@Body() body: unknown, @Waits() waiter: Waiter): Promise<ArrangeResult> {
    // Read beside the requests too: a shelf of hundreds of models takes its time.
    const answer = await this.workshop.run('arrange', [body], waiter)
    if (!answer.ok) throw new FaultsException('The question is not valid.', answer.error)
    return answer.value
  }
}
