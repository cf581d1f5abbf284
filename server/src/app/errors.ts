import { overlongList, refusalsOf } from '@crustallum/core/quantities/validate';
import { RefusedInput, type Refusal } from '@crustallum/core/quantities/refusal';
import {
  type ArgumentMetadata,
  type ArgumentsHost,
  BadRequestException,
  Catch,
  type ExceptionFilter,
  HttpException,
  Logger,
  ValidationPipe,
} from '@nestjs/common';
import type { Response } from 'express';

/** Every body is turned into its input class; unknown fields and wrong values are refused, each named. */
export class StrictValidation extends ValidationPipe {
  constructor() {
    super({
      whitelist: true,
      forbidNonWhitelisted: true,
      transform: true,
      validationError: { target: true, value: true },
      exceptionFactory: (errors) => new BadRequestException({ errors: refusalsOf(errors) }),
    });
  }

  /** A list longer than its class allows is refused before an object is made of each of its entries. */
  override transform(value: unknown, metadata: ArgumentMetadata): Promise<unknown> {
    const { metatype } = metadata;
    const overlong = metadata.type === 'body' && metatype ? overlongList(metatype, value) : null;
    if (overlong) throw new BadRequestException({ errors: [overlong] });
    return super.transform(value, metadata) as Promise<unknown>;
  }
}

/** Errors as JSON: {ok:false, errors:[{field, code, value, allowed}]}. */
@Catch()
export class JsonErrors implements ExceptionFilter {
  private readonly log = new Logger('errors');

  catch(error: unknown, host: ArgumentsHost): void {
    const response = host.switchToHttp().getResponse<Response>();
    if (error instanceof RefusedInput) {
      response.status(400).json({ ok: false, errors: error.refusals });
      return;
    }
    if (error instanceof HttpException) {
      const body = error.getResponse();
      const known =
        typeof body === 'object' && 'errors' in body
          ? (body as { errors: Refusal[]; current?: unknown })
          : { errors: [{ field: '', code: codeOf(error.getStatus()), value: error.message }] };
      response.status(error.getStatus()).json({ ...known, ok: false });
      return;
    }
    const status = (error as { status?: unknown }).status;
    if (typeof status === 'number' && status >= 400 && status < 500) {
      response.status(status).json({
        ok: false,
        errors: [{ field: '', code: codeOf(status), value: error instanceof Error ? error.message : '' }],
      });
      return;
    }
    this.log.error(error instanceof Error ? error.stack : String(error));
    response.status(500).json({ ok: false, errors: [{ field: '', code: 'server_fault' }] });
  }
}

const codeOf = (status: number): string =>
  ({ 400: 'bad_request', 403: 'forbidden', 404: 'not_found', 413: 'too_large', 429: 'too_often' })[status] ?? 'refused';
