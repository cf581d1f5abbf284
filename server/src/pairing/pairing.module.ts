import { Module, type DynamicModule } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { Device } from './device.entity';
import { listensWide, PairingController } from './pairing.controller';
import { PairingService } from './pairing.service';

@Module({})
export class PairingModule {
  static with(wide: boolean): DynamicModule {
    return {
      module: PairingModule,
      imports: [TypeOrmModule.forFeature([Device])],
      controllers: [PairingController],
      providers: [PairingService, { provide: listensWide, useValue: wide }],
      exports: [PairingService],
    };
  }
}
