import type { NestExpressApplication } from '@nestjs/platform-express';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import request from 'supertest';
import type TestAgent from 'supertest/lib/agent';
import { createApp } from '../app/createApp';
import type { PoolOptions } from '../compute/pool';

export const newDataFile = (): string => join(mkdtempSync(join(tmpdir(), 'crustallum-server-')), 'kitchen.sqlite');

/** A real server on a real SQLite file of its own. */
export class TestServer {
  app!: NestExpressApplication;

  constructor(
    readonly dataFile = newDataFile(),
    // a slow machine is not a wrong answer
    private readonly compute: Partial<PoolOptions> = { deadlineMs: 25_000 },
    private readonly more: Partial<Parameters<typeof createApp>[0]> = {},
  ) {}

  async start(): Promise<this> {
    this.app = await createApp({ dataFile: this.dataFile, quiet: true, compute: this.compute, ...this.more });
    await this.app.init();
    return this;
  }
  stop(): Promise<void> {
    return this.app.close();
  }
  /** Requests as a browser on this machine would send them. */
  get ask(): TestAgent {
    return request.agent(this.app.getHttpServer()).set('Host', '127.0.0.1');
  }
}
