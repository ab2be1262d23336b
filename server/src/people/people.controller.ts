import { Body, Controller, Delete, Get, Param, ParseUUIDPipe, Post, Put, Req, Res } from '@nestjs/common'
import { ApiOperation, ApiTags } from '@nestjs/swagger'
import type { AuditRow, Colleague, DeviceView, PersonView, SessionView } from '@nimble-anchor/core/formats'
import type { Request, Response } from 'express'
import { Audit } from './audit.service'
import { Asker, type Caller } from './caller'
import { AddPerson } from './commands/add-person'
import { ChangePerson } from './commands/change-person'
import { SetPassword } from './commands/set-password'
import { ChangePersonDto, NewPasswordDto, PersonDto } from './dto'
import { Entrance } from './entrance'
import { PeopleRead } from './people-read'
import { Sessions } from './sessions.service'

interface Added {
  /** Told this once. */
  readonly recoveryCodes: readonly string[]
  readonly session?: SessionView
}

@ApiTags('people')
@Controller('api')
export class PeopleController {
  constructor(
    private readonly people: PeopleRead,
    private readonly adding: AddPerson,
    private readonly changing: ChangePerson,
    private readonly settingPassword: SetPassword,
    private readonly sessions: Sessions,
    private readonly entrance: Entrance,
    private readonly audit: Audit,
  ) {}

  @Get('colleagues')
  @ApiOperation({ summary: 'Who works here: to pass a fitting on, or to sign with' })
  colleagues(): readonly Colleague[] {
    return this.people.colleagues()
  }

  @Get('people')
  @ApiOperation({ summary: 'Everybody who may sign in' })
  list(): Promise<readonly PersonView[]> {
    return this.people.list()
  }

  @Post('people')
  @ApiOperation({
    summary: 'Add a person',
    description: 'The first is a lead, made at this machine, and signed in by it. Recovery codes are told this once.',
  })
  async add(
    @Asker() caller: Caller,
    @Body() body: PersonDto,
    @Req() req: Request,
    @Res({ passthrough: true }) res: Response,
  ): Promise<Added> {
    const isFirst = !caller.hasPeople
    const { person, recoveryCodes } = await this.adding.run(body, isFirst)
    if (!isFirst) {
      await this.audit.note(caller, `added a ${person.role}`)
      return { recoveryCodes }
    }
    return { recoveryCodes, session: await this.entrance.enter(person, req, res, 'was the first, and keeps the bay') }
  }

  @Put('people/:id')
  @ApiOperation({ summary: 'Rename somebody, give another role, or end their access' })
  async change(@Param('id', ParseUUIDPipe) id: string, @Body() body: ChangePersonDto): Promise<readonly PersonView[]> {
    await this.changing.run(id, body)
    return this.people.list()
  }

  @Put('people/:id/password')
  @ApiOperation({ summary: 'A new password for somebody who has lost theirs; they are signed out everywhere' })
  async password(
    @Param('id', ParseUUIDPipe) id: string,
    @Body() { password }: NewPasswordDto,
  ): Promise<readonly PersonView[]> {
    await this.settingPassword.run(id, password)
    return this.people.list()
  }

  @Get('devices')
  @ApiOperation({ summary: 'Every device that somebody is signed in on' })
  devices(@Asker() caller: Caller): readonly DeviceView[] {
    return this.sessions.list(() => true, caller.deviceId)
  }

  @Delete('devices/:id')
  @ApiOperation({ summary: 'Sign a device out' })
  async revoke(@Asker() caller: Caller, @Param('id', ParseUUIDPipe) id: string): Promise<readonly DeviceView[]> {
    await this.sessions.revoke(id)
    return this.devices(caller)
  }

  @Get('audit')
  @ApiOperation({ summary: 'Who signed in, exported, erased, brought in or changed what; the newest 500' })
  newest(): Promise<readonly AuditRow[]> {
    return this.audit.newest()
  }
}
