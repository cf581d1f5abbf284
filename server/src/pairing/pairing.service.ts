import { codeDigits, mostTries, type Door, type EnterInput } from '@crustallum/core/contracts/device';
import { HttpException, Injectable, NotFoundException } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { createHash, randomBytes, randomInt, randomUUID, timingSafeEqual } from 'node:crypto';
import type { Socket } from 'node:net';
import { IsNull, Repository } from 'typeorm';
import { Device } from './device.entity';

const hashOf = (token: string): string => createHash('sha256').update(token).digest('hex');
/** A use is written down no oftener than this, ms. */
const noteUseMs = 60_000;

export type Admitted = { device: Device } | 'shutOut' | null;

/** Who of the house is let in: six digits that hold for a while and work once, and the tokens of those that are in. */
@Injectable()
export class PairingService {
  private code: { digits: string; until: number; tries: number } | null = null;
  private readonly lines = new Map<string, Set<Socket>>();

  constructor(@InjectRepository(Device) private readonly devices: Repository<Device>) {}

  async door(addresses: string[], nowMs = Date.now()): Promise<Door> {
    const code = this.code && this.code.until > nowMs ? this.code : null;
    const devices = await this.devices.find({ where: { shutOutAt: IsNull() }, order: { pairedAt: 'ASC' } });
    return {
      open: addresses.length > 0,
      code: code?.digits ?? null,
      holdsForS: code ? Math.round((code.until - nowMs) / 1000) : null,
      addresses,
      devices: devices.map(({ id, name, pairedAt, usedAt }) => ({ id, name, pairedAt, usedAt })),
    };
  }

  /** Six new digits; those of before are void. */
  newCode(holdsMin: number, nowMs = Date.now()): void {
    const digits = String(randomInt(10 ** codeDigits)).padStart(codeDigits, '0');
    this.code = { digits, until: nowMs + holdsMin * 60_000, tries: 0 };
  }
  putAway(): void {
    this.code = null;
  }

  /** A screen that pressed in the digits: its token, told once. Wrong ones count, and after a few the digits are void. */
  async enter({ code, name }: EnterInput, nowMs = Date.now()): Promise<string> {
    const asked = this.code;
    if (!asked || asked.until <= nowMs) throw refused('no_code', 403, 'digits that hold; ask for six new ones');
    if (!timingSafeEqual(Buffer.from(code), Buffer.from(asked.digits))) {
      asked.tries++;
      if (asked.tries >= mostTries) this.code = null;
      throw refused('wrong_code', 403, { triesLeft: Math.max(0, mostTries - asked.tries) });
    }
    this.code = null;
    const token = randomBytes(32).toString('base64url');
    const at = new Date(nowMs).toISOString();
    await this.devices.insert({
      id: randomUUID(),
      name: name.trim(),
      tokenHash: hashOf(token),
      pairedAt: at,
      usedAt: at,
      shutOutAt: null,
    });
    return token;
  }

  async admit(token: string | undefined, nowMs = Date.now()): Promise<Admitted> {
    if (!token) return null;
    const device = await this.devices.findOne({ where: { tokenHash: hashOf(token) } });
    if (!device) return null;
    if (device.shutOutAt) return 'shutOut';
    if (nowMs - Date.parse(device.usedAt ?? device.pairedAt) > noteUseMs)
      await this.devices.update({ id: device.id }, { usedAt: new Date(nowMs).toISOString() });
    return { device };
  }

  /** The line a device talks over: cut at once when it is shut out. */
  talksOver(id: string, line: Socket): void {
    const lines = this.lines.get(id) ?? new Set();
    this.lines.set(id, lines);
    if (lines.has(line)) return;
    lines.add(line);
    line.once('close', () => lines.delete(line));
  }

  async takeBack(id: string): Promise<void> {
    const known = await this.devices.findOne({ where: { id, shutOutAt: IsNull() } });
    if (!known)
      throw new NotFoundException({
        errors: [{ field: 'id', code: 'not_found', value: id, allowed: 'the id of a screen that is in' }],
      });
    await this.devices.update({ id }, { shutOutAt: new Date().toISOString() });
    for (const line of this.lines.get(id) ?? []) line.destroy();
  }
}

function refused(code: string, status: number, allowed: unknown): HttpException {
  const errors = [{ field: 'code', code, allowed }];
  return new HttpException({ errors }, status);
}
