import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { DrawsService } from './draws.service';
import { LarderController } from './larder.controller';
import { LarderService } from './larder.service';
import { LarderDraw, LarderItem } from './larderItem.entity';

@Module({
  imports: [TypeOrmModule.forFeature([LarderItem, LarderDraw])],
  controllers: [LarderController],
  providers: [LarderService, DrawsService],
  exports: [LarderService],
})
export class LarderModule {}
