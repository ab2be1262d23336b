import { Controller, Get } from '@nestjs/common'
import { ApiOperation, ApiTags } from '@nestjs/swagger'
import type { RuleCount } from '@nimble-anchor/core/formats'
import { Database } from '../storage/database'
import { EntryRow } from '../storage/entities'
import { standingRuleSql } from './standing-rule.sql'

@ApiTags('rules')
@Controller('api/rules')
export class RulesController {
  constructor(private readonly db: Database) {}

  @Get('decided')
  @ApiOperation({ summary: 'How often each rule decided, by the history of all fittings' })
  async decided(): Promise<readonly RuleCount[]> {
    const rows = await this.db.read
      .createQueryBuilder(EntryRow, 'entry')
      .select(standingRuleSql('entry.decidedBy'), 'ruleId')
      .addSelect('COUNT(DISTINCT entry.fittingId)', 'fittings')
      .addSelect('COUNT(*)', 'entries')
      .where('entry.decidedBy IS NOT NULL')
      .groupBy('ruleId')
      .getRawMany<{ ruleId: string; fittings: number; entries: number }>()
    return rows.map((r) => ({ ruleId: r.ruleId, fittings: Number(r.fittings), entries: Number(r.entries) }))
  }
}
