import {
  BakeHead,
  BakeName,
  ChangeItemInput,
  ChangeMealInput,
  NewBakeInput,
  NewItemInput,
  StoredBake,
  StoredItem,
} from '@crustallum/core/contracts/bake';
import { Day } from '@crustallum/core/contracts/day';
import { Body, Controller, Delete, Get, Param, ParseUUIDPipe, Post, Put } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { Answers } from '../app/answers';
import { BakesService } from './bakes.service';

@ApiTags('bakes')
@Controller('bakes')
export class BakesController {
  constructor(private readonly bakes: BakesService) {}

  @Get() @Answers([BakeHead]) list() {
    return this.bakes.list();
  }
  /** Every day there is, put away or not, with what was made and how it came out. */
  @Get('days') @Answers([Day]) days() {
    return this.bakes.days();
  }
  @Post() @Answers(StoredBake) create(@Body() dto: NewBakeInput) {
    return this.bakes.create(dto.meal, dto.items);
  }
  @Get(':id') @Answers(StoredBake) view(@Param('id', ParseUUIDPipe) id: string) {
    return this.bakes.view(id);
  }
  @Put(':id') @Answers(StoredBake) change(@Param('id', ParseUUIDPipe) id: string, @Body() dto: ChangeMealInput) {
    return this.bakes.changeMeal(id, dto.version, dto.meal);
  }
  @Delete(':id') @Answers(BakeName) remove(@Param('id', ParseUUIDPipe) id: string) {
    return this.bakes.remove(id);
  }
  @Post(':id/restore') @Answers(BakeName) restore(@Param('id', ParseUUIDPipe) id: string) {
    return this.bakes.restore(id);
  }
  @Post(':id/items') @Answers(StoredItem) addItem(@Param('id', ParseUUIDPipe) id: string, @Body() dto: NewItemInput) {
    return this.bakes.addItem(id, dto.document);
  }
}

@ApiTags('bakes')
@Controller('items')
export class ItemsController {
  constructor(private readonly bakes: BakesService) {}

  @Put(':id') @Answers(StoredItem) change(@Param('id', ParseUUIDPipe) id: string, @Body() dto: ChangeItemInput) {
    return this.bakes.changeItem(id, dto);
  }
  @Delete(':id') @Answers(StoredItem) remove(@Param('id', ParseUUIDPipe) id: string) {
    return this.bakes.removeItem(id);
  }
  @Post(':id/restore') @Answers(StoredItem) restore(@Param('id', ParseUUIDPipe) id: string) {
    return this.bakes.restoreItem(id);
  }
}
