import { Controller, Get } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { DataSource } from 'typeorm';

@ApiTags('health')
@Controller('health')
export class HealthController {
  constructor(private readonly source: DataSource) {}

  /** Answers once the data file can be read. */
  @Get() async health() {
    await this.source.query('SELECT 1');
    return { ok: true };
  }
}
