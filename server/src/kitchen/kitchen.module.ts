import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { KitchenController } from './kitchen.controller';
import { Kitchen } from './kitchen.entity';
import { KitchenService } from './kitchen.service';

@Module({
  imports: [TypeOrmModule.forFeature([Kitchen])],
  controllers: [KitchenController],
  providers: [KitchenService],
  exports: [KitchenService],
})
export class KitchenModule {}
