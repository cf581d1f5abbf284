import { AskCodeInput, EnterInput } from '@crustallum/core/contracts/device';
import { Body, Controller, Delete, Get, HttpCode, Inject, Param, ParseUUIDPipe, Post, Req, Res } from '@nestjs/common';
import { Throttle } from '@nestjs/throttler';
import { ApiTags } from '@nestjs/swagger';
import type { Request, Response } from 'express';
import { networkInterfaces } from 'node:os';
import { tokenCookie } from './admission';
import { PairingService } from './pairing.service';

export const listensWide = Symbol('listensWide');
const yearMs = 365 * 24 * 60 * 60 * 1000;
/** Tries of one address, in a minute. */
const triesAMinute = 10;

@ApiTags('pairing')
@Controller('pairing')
export class PairingController {
  constructor(
    private readonly pairing: PairingService,
    @Inject(listensWide) private readonly wide: boolean,
  ) {}

  @Get() view(@Req() request: Request) {
    return this.pairing.door(this.addresses(request));
  }
  @Post('code') @HttpCode(200) newCode(@Body() { holdsMin }: AskCodeInput, @Req() request: Request) {
    this.pairing.newCode(holdsMin);
    return this.view(request);
  }
  @Delete('code') putAway(@Req() request: Request) {
    this.pairing.putAway();
    return this.view(request);
  }
  @Delete('devices/:id') async takeBack(@Param('id', ParseUUIDPipe) id: string, @Req() request: Request) {
    await this.pairing.takeBack(id);
    return this.view(request);
  }
  @Post('enter')
  @HttpCode(200)
  @Throttle({ default: { ttl: 60_000, limit: triesAMinute } })
  async enter(@Body() asked: EnterInput, @Res({ passthrough: true }) response: Response) {
    const token = await this.pairing.enter(asked);
    response.cookie(tokenCookie, token, { httpOnly: true, sameSite: 'strict', maxAge: yearMs });
    return { letIn: true };
  }

  /** Where this machine is found in the house; nowhere where it answers itself only. */
  private addresses(request: Request): string[] {
    if (!this.wide) return [];
    const port = request.socket.localPort ?? 80;
    return Object.values(networkInterfaces())
      .flatMap((list) => list ?? [])
      .filter((i) => i.family === 'IPv4' && !i.internal)
      .map((i) => `http://${i.address}:${port}`);
  }
}
