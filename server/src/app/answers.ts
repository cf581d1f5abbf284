import { ApiResponse } from '@nestjs/swagger';
import type { Type } from '@nestjs/common';

/** What a route answers when all is well, by its contract: one, or a list of them. */
export const Answers = (type: Type | [Type]) => ApiResponse({ status: '2XX', type });
