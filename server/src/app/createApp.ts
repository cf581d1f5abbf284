import 'reflect-metadata';
import { NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { DocumentBuilder, SwaggerModule } from '@nestjs/swagger';
import compression from 'compression';
import express, { type NextFunction, type Request, type Response } from 'express';
import { existsSync } from 'node:fs';
import { extname, join } from 'node:path';
import { copyBeforeMigrations } from '../database/copy';
import { checkDataFile } from '../database/file';
import { migrations } from '../database/migrations/index';
import type { PoolOptions } from '../compute/pool';
import { AppModule } from './app.module';
import { described } from './openApi';
import { JsonErrors, StrictValidation } from './errors';
import { ownHostsOnly, strictHeaders } from './guards';
import { isAtHome, letInOnly } from '../pairing/admission';
import { PairingService } from '../pairing/pairing.service';

const largestBody = '2mb';

export interface AppOptions {
  dataFile: string;
  /** Extra host names it may be asked under, besides this machine's own. */
  hosts?: string[];
  webFolder?: string;
  quiet?: boolean;
  /** Other machines of the house can reach it: they are let in one by one. */
  wide?: boolean;
  /** Whether a request was made on this machine; for tests. */
  atHome?: (request: Request) => boolean;
  /** Of the compute pool, where it is not to have its own. */
  compute?: Partial<PoolOptions>;
}

const isStream = (request: Request): boolean => request.path.endsWith('/stream');

/** The server, ready to listen. Refuses to start on a data file it cannot read. */
export async function createApp(options: AppOptions): Promise<NestExpressApplication> {
  checkDataFile(options.dataFile);
  await copyBeforeMigrations(options.dataFile, migrations, new Date());
  const app = await NestFactory.create<NestExpressApplication>(
    AppModule.at(options.dataFile, options.compute, options.wide),
    {
      logger: options.quiet ? false : ['error', 'warn'],
      bodyParser: false,
      // a screen that follows a run would keep its line for good
      forceCloseConnections: true,
    },
  );
  app.use(ownHostsOnly(options.hosts ?? []));
  app.use(letInOnly(app.get(PairingService, { strict: false }), options.atHome ?? isAtHome));
  app.use(strictHeaders);
  // a stream that is packed comes in lumps
  app.use(compression({ filter: (request, response) => !isStream(request) && compression.filter(request, response) }));
  app.use(express.json({ limit: largestBody }));
  app.setGlobalPrefix('api');
  app.useGlobalPipes(new StrictValidation());
  app.useGlobalFilters(new JsonErrors());
  app.enableShutdownHooks();
  const docs = new DocumentBuilder()
    .setTitle('Crustallum')
    .setDescription('Bakes, kitchen, larder, bench and log of one household, and every model by name.')
    .setVersion('1')
    .build();
  SwaggerModule.setup('api/docs', app, () => described(SwaggerModule.createDocument(app, docs)));
  if (options.webFolder && existsSync(join(options.webFolder, 'index.html'))) serveWeb(app, options.webFolder);
  return app;
}

/** Files of the built web; any other address without an extension is a page of the single-page application. */
function serveWeb(app: NestExpressApplication, folder: string): void {
  app.use(
    express.static(folder, {
      index: false,
      setHeaders: (res, path) =>
        path.includes('/assets/') && res.setHeader('Cache-Control', 'public, max-age=31536000, immutable'),
    }),
  );
  app.use((request: Request, response: Response, next: NextFunction) => {
    if (request.method !== 'GET' || request.path.startsWith('/api') || extname(request.path)) return next();
    response.sendFile(join(folder, 'index.html'));
  });
}
