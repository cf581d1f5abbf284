import { Module } from '@nestjs/common';
import { ComputeController } from './compute.controller';
import { ComputePool } from './pool';

@Module({ controllers: [ComputeController], providers: [ComputePool], exports: [ComputePool] })
export class ComputeModule {}
