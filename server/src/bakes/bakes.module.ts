import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { Bake } from './bake.entity';
import { BakesController, ItemsController } from './bakes.controller';
import { BakesService } from './bakes.service';
import { Item } from './item.entity';

@Module({
  imports: [TypeOrmModule.forFeature([Bake, Item])],
  controllers: [BakesController, ItemsController],
  providers: [BakesService],
  exports: [BakesService],
})
export class BakesModule {}
