import { Body, Controller, HttpCode, Post } from '@nestjs/common'
import { Heavy } from '../people/limits'
import { ApiBadRequestResponse, ApiBody, ApiOperation, ApiTags } from '@nestjs/swagger'
import { caseSchema, upgradeCase } from '@nimble-anchor/core/casefile'
import { parseWith } from '@nimble-anchor/core/ground'
import { assess, type Assessment } from '@nimble-anchor/core/verdict'
import { FaultsException } from '../http/faults'

/** Put into the API's description by `app.ts`. */
const SCHEMA = { $ref: '#/components/schemas/Case' }

@ApiTags('assess')
@Controller('api/assess')
export class AssessController {
  @Post()
  @Heavy()
  @HttpCode(200)
  @ApiOperation({ summary: 'Assess a case file; the same answer as `npm run --silent assess`' })
  @ApiBody({ schema: SCHEMA })
  @ApiBadRequestResponse({ description: 'Each fault with its JSON path and limit' })
  assess(@Body() body: unknown): Assessment {
    const parsed = parseWith(caseSchema, upgradeCase(body))
    if (!parsed.ok) throw new FaultsException('The case file is not valid.', parsed.error)
    return assess(parsed.value)
  }
}
