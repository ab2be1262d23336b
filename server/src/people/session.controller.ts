import {
  Body,
  Controller,
  Delete,
  ForbiddenException,
  Get,
  HttpCode,
  NotFoundException,
  Param,
  ParseUUIDPipe,
  Post,
  Put,
  Req,
  Res,
} from '@nestjs/common'
import { ApiOperation, ApiTags } from '@nestjs/swagger'
import type { DeviceView, Pairing, PasskeyView, SessionView } from '@nimble-anchor/core/formats'
import type { Request, Response } from 'express'
import { FaultsException } from '../http/faults'
import type { PersonRow } from '../storage/people-entities'
import { Audit } from './audit.service'
import { Asker, type Caller } from './caller'
import { Recover } from './commands/recover'
import { RenewCodes } from './commands/renew-codes'
import { SetPassword } from './commands/set-password'
import { SetPin } from './commands/set-pin'
import {
  ChangePasswordDto,
  ClaimDto,
  ConfirmDto,
  NewPasskeyDto,
  PasskeyDto,
  PinDto,
  RecoverDto,
  SignInDto,
  SwitchDto,
} from './dto'
import { Entrance } from './entrance'
import { FewSignIns } from './limits'
import { Pairings } from './pairing.service'
import { Passkeys } from './passkeys.service'
import { Sessions } from './sessions.service'

@ApiTags('people')
@Controller('api')
export class SessionController {
  constructor(
    private readonly sessions: Sessions,
    private readonly recovering: Recover,
    private readonly settingPassword: SetPassword,
    private readonly settingPin: SetPin,
    private readonly renewing: RenewCodes,
    private readonly passkeys: Passkeys,
    private readonly pairings: Pairings,
    private readonly audit: Audit,
    private readonly entrance: Entrance,
  ) {}

  @Get('session')
  @ApiOperation({ summary: 'Who sits at this device, and what it may do' })
  session(@Asker() caller: Caller, @Req() req: Request): SessionView {
    return this.entrance.view(caller, req)
  }

  @Post('session/sign-in')
  @HttpCode(200)
  @FewSignIns()
  @ApiOperation({ summary: 'Sign in by name and password' })
  async signIn(
    @Body() { name, password }: SignInDto,
    @Req() req: Request,
    @Res({ passthrough: true }) res: Response,
  ): Promise<SessionView> {
    const person = await this.sessions.byPassword(name, password).catch(async (error: unknown) => {
      await this.audit.note({ hasPeople: this.sessions.hasPeople }, 'was refused at sign-in')
      throw error
    })
    return this.entrance.enter(person, req, res, 'signed in by password')
  }

  @Post('session/recover')
  @HttpCode(200)
  @FewSignIns()
  @ApiOperation({ summary: 'One of the printed codes and a new password' })
  async recover(
    @Body() { name, code, password }: RecoverDto,
    @Req() req: Request,
    @Res({ passthrough: true }) res: Response,
  ): Promise<SessionView> {
    return this.entrance.enter(
      await this.recovering.run(name, code, password),
      req,
      res,
      'signed in by a recovery code',
    )
  }

  @Post('session/passkey/options')
  @HttpCode(200)
  @FewSignIns()
  @ApiOperation({ summary: 'What a passkey is asked to prove' })
  async passkeyOptions(@Req() req: Request): Promise<object> {
    return this.passkeys.begin(this.entrance.place(req))
  }

  @Post('session/passkey')
  @HttpCode(200)
  @FewSignIns()
  @ApiOperation({ summary: 'Sign in by passkey' })
  async passkey(
    @Body() { handle, response }: PasskeyDto,
    @Req() req: Request,
    @Res({ passthrough: true }) res: Response,
  ): Promise<SessionView> {
    return this.entrance.enter(
      await this.passkeys.finish(handle, response, this.entrance.place(req)),
      req,
      res,
      'signed in by passkey',
    )
  }

  @Post('session/switch')
  @HttpCode(200)
  @FewSignIns()
  @ApiOperation({ summary: 'Change over by PIN, or unlock: for whoever has signed in on this device in this shift' })
  async switch(@Body() { personId, pin }: SwitchDto, @Req() req: Request): Promise<SessionView> {
    const person = await this.sessions.switchTo(this.entrance.token(req), personId, pin)
    await this.audit.note({ hasPeople: true, person }, 'came back by PIN')
    return this.session(this.sessions.identify(this.entrance.token(req), true), req)
  }

  @Post('session/lock')
  @HttpCode(200)
  @ApiOperation({ summary: 'Lock this device; what runs on it is kept' })
  async lock(@Req() req: Request): Promise<SessionView> {
    await this.sessions.lock(this.entrance.token(req))
    return this.session(this.sessions.identify(this.entrance.token(req), false), req)
  }

  @Delete('session')
  @ApiOperation({ summary: 'Sign out on this device' })
  async signOut(@Asker() caller: Caller, @Req() req: Request): Promise<SessionView> {
    await this.sessions.signOut(this.entrance.token(req))
    if (caller.person) await this.audit.note(caller, 'signed out')
    return this.session({ hasPeople: this.sessions.hasPeople }, req)
  }

  @Post('session/confirm/options')
  @HttpCode(200)
  @ApiOperation({ summary: 'What a passkey is asked to prove again' })
  confirmOptions(@Asker() caller: Caller, @Req() req: Request): Promise<object> {
    return this.passkeys.begin(this.entrance.place(req), personOf(caller).id)
  }

  @Post('session/confirm')
  @HttpCode(200)
  @FewSignIns()
  @ApiOperation({ summary: 'The password or passkey again, for one thing that is asked for in the next two minutes' })
  async confirm(
    @Asker() caller: Caller,
    @Body() body: ConfirmDto,
    @Req() req: Request,
  ): Promise<{ readonly isConfirmed: true }> {
    const { id, name } = personOf(caller)
    if (body.handle !== undefined) await this.passkeys.finish(body.handle, body.response, this.entrance.place(req), id)
    else if (body.password !== undefined) await this.right(name, body.password)
    else
      throw new FaultsException('Nothing was confirmed.', [
        { path: '$.password', message: 'must be given, or a passkey' },
      ])
    this.sessions.confirm(this.entrance.token(req))
    return { isConfirmed: true }
  }

  @Put('session/pin')
  @ApiOperation({ summary: 'Set the PIN by which you come back to a device; null takes it away' })
  async pin(@Asker() caller: Caller, @Body() { pin }: PinDto, @Req() req: Request): Promise<SessionView> {
    await this.settingPin.run(personOf(caller).id, pin)
    return this.session(caller, req)
  }

  @Put('session/password')
  @FewSignIns()
  @ApiOperation({ summary: 'A new password; all other devices are signed out' })
  async password(
    @Asker() caller: Caller,
    @Body() { before, password }: ChangePasswordDto,
    @Req() req: Request,
  ): Promise<SessionView> {
    const { id, name } = personOf(caller)
    await this.right(name, before)
    await this.settingPassword.run(id, password, caller.deviceId)
    await this.audit.note(caller, 'changed the own password')
    return this.session(caller, req)
  }

  @Get('session/passkeys')
  @ApiOperation({ summary: 'Your passkeys' })
  passkeyList(@Asker() caller: Caller): Promise<readonly PasskeyView[]> {
    return this.passkeys.list(personOf(caller).id)
  }

  @Post('session/passkeys/options')
  @HttpCode(200)
  @ApiOperation({ summary: 'What a new passkey is made of' })
  newPasskeyOptions(@Asker() caller: Caller, @Req() req: Request): Promise<object> {
    return this.passkeys.beginNew(this.rowOf(caller), this.entrance.place(req))
  }

  @Post('session/passkeys')
  @ApiOperation({ summary: 'Keep a new passkey' })
  async newPasskey(
    @Asker() caller: Caller,
    @Body() { handle, response, label }: NewPasskeyDto,
    @Req() req: Request,
  ): Promise<readonly PasskeyView[]> {
    await this.passkeys.finishNew(this.rowOf(caller), handle, response, label, this.entrance.place(req))
    await this.audit.note(caller, 'added a passkey')
    return this.passkeys.list(personOf(caller).id)
  }

  @Delete('session/passkeys/:id')
  @ApiOperation({ summary: 'Take a passkey away' })
  async removePasskey(@Asker() caller: Caller, @Param('id') id: string): Promise<readonly PasskeyView[]> {
    await this.passkeys.remove(personOf(caller).id, id)
    return this.passkeys.list(personOf(caller).id)
  }

  @Post('session/recovery-codes')
  @HttpCode(200)
  @ApiOperation({ summary: 'New recovery codes, told this once; the old ones are void' })
  async recoveryCodes(@Asker() caller: Caller): Promise<{ readonly recoveryCodes: readonly string[] }> {
    return { recoveryCodes: await this.renewing.run(personOf(caller).id) }
  }

  @Get('session/devices')
  @ApiOperation({ summary: 'Where you are signed in' })
  devices(@Asker() caller: Caller): readonly DeviceView[] {
    const { id } = personOf(caller)
    return this.sessions.list((people) => people.includes(id), caller.deviceId)
  }

  @Delete('session/devices/:id')
  @ApiOperation({ summary: 'Sign a device of yours out' })
  async revoke(@Asker() caller: Caller, @Param('id', ParseUUIDPipe) id: string): Promise<readonly DeviceView[]> {
    if (!this.sessions.hasOn(id, personOf(caller).id)) throw new NotFoundException('There is no such device of yours.')
    await this.sessions.revoke(id)
    return this.devices(caller)
  }

  @Post('pairing')
  @ApiOperation({ summary: 'A link of two minutes and one use, by which a phone signs in as you' })
  pair(@Asker() caller: Caller, @Req() req: Request): Pairing {
    const reachable = this.entrance.reachable(req)
    return { ...this.pairings.begin(personOf(caller).id, reachable ?? this.entrance.place(req).origin), isReachable: reachable !== undefined } // prettier-ignore
  }

  @Post('pairing/claim')
  @HttpCode(200)
  @FewSignIns()
  @ApiOperation({ summary: 'Sign in by the link that another device shows' })
  async claim(
    @Body() { code }: ClaimDto,
    @Req() req: Request,
    @Res({ passthrough: true }) res: Response,
  ): Promise<SessionView> {
    return this.entrance.enter(this.pairings.claim(code), req, res, 'paired a device')
  }

  private async right(name: string, password: string): Promise<void> {
    await this.sessions.byPassword(name, password).catch((error: unknown) => {
      // Signed in they are: only this was not right.
      if ((error as { getStatus?: () => number }).getStatus?.() !== 401) throw error
      throw new ForbiddenException({ statusCode: 403, message: 'The password is not right.', asks: 'confirm' })
    })
  }
  private rowOf(caller: Caller): PersonRow {
    const row = this.sessions.person(personOf(caller).id)
    if (!row) throw new NotFoundException('There is no such person.')
    return row
  }
}

/** The guard has let through nobody else. */
function personOf({ person }: Caller): NonNullable<Caller['person']> {
  if (!person) throw new ForbiddenException('Sign in first.')
  return person
}
