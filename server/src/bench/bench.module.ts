import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { BenchController } from './bench.controller';
import { BenchService } from './bench.service';
import { Run, RunEvent } from './run.entity';
import { RunFeed } from './runFeed';

@Module({
  imports: [TypeOrmModule.forFeature([Run, RunEvent])],
  controllers: [BenchController],
  providers: [BenchService, RunFeed],
  exports: [BenchService],
})
export class BenchModule {}
