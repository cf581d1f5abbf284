import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { BakesModule } from '../bakes/bakes.module';
import { BenchController } from './bench.controller';
import { BenchService } from './bench.service';
import { Run, RunEvent } from './run.entity';

@Module({
  imports: [TypeOrmModule.forFeature([Run, RunEvent]), BakesModule],
  controllers: [BenchController],
  providers: [BenchService],
  exports: [BenchService],
})
export class BenchModule {}
