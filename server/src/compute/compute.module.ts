import { Global, Module, type DynamicModule } from '@nestjs/common';
import { ComputeController } from './compute.controller';
import { ComputePool, poolOptions, type PoolOptions } from './pool';

/** The one pool of threads of this server. */
@Global()
@Module({})
export class ComputeModule {
  static with(options: Partial<PoolOptions>): DynamicModule {
    return {
      module: ComputeModule,
      controllers: [ComputeController],
      providers: [{ provide: poolOptions, useValue: options }, ComputePool],
      exports: [ComputePool],
    };
  }
}
