import { HttpException } from '@nestjs/common';

/** Why a run was not finished: too many wait, it took too long, or whoever asked is gone. */
export type ComputeRefusalCode = 'busy' | 'deadline' | 'gone';

/** 503: the model is sound, but not now, or not with so much to work through. */
export class ComputeRefused extends HttpException {
  constructor(
    readonly code: ComputeRefusalCode,
    model: string,
    allowed: Record<string, number> = {},
  ) {
    super({ ok: false, errors: [{ field: 'model', code, value: model, allowed }] }, 503);
  }
}
