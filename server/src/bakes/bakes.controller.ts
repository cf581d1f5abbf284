import { Body, Controller, Delete, Get, Param, ParseUUIDPipe, Post, Put } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { ChangeItemDto, ChangeMealDto, NewBakeDto, NewItemDto } from './bakes.dto';
import { BakesService } from './bakes.service';

@ApiTags('bakes')
@Controller('bakes')
export class BakesController {
  constructor(private readonly bakes: BakesService) {}

  @Get() list() {
    return this.bakes.list();
  }
  @Post() create(@Body() dto: NewBakeDto) {
    return this.bakes.create(dto.meal, dto.items);
  }
  @Get(':id') view(@Param('id', ParseUUIDPipe) id: string) {
    return this.bakes.view(id);
  }
  @Put(':id') change(@Param('id', ParseUUIDPipe) id: string, @Body() dto: ChangeMealDto) {
    return this.bakes.changeMeal(id, dto.version, dto.meal);
  }
  @Delete(':id') remove(@Param('id', ParseUUIDPipe) id: string) {
    return this.bakes.remove(id);
  }
  @Post(':id/restore') restore(@Param('id', ParseUUIDPipe) id: string) {
    return this.bakes.restore(id);
  }
  @Post(':id/items') addItem(@Param('id', ParseUUIDPipe) id: string, @Body() dto: NewItemDto) {
    return this.bakes.addItem(id, dto.document);
  }
}

@ApiTags('bakes')
@Controller('items')
export class ItemsController {
  constructor(private readonly bakes: BakesService) {}

  @Put(':id') change(@Param('id', ParseUUIDPipe) id: string, @Body() dto: ChangeItemDto) {
    return this.bakes.changeItem(id, dto);
  }
  @Delete(':id') remove(@Param('id', ParseUUIDPipe) id: string) {
    return this.bakes.removeItem(id);
  }
  @Post(':id/restore') restore(@Param('id', ParseUUIDPipe) id: string) {
    return this.bakes.restoreItem(id);
  }
}
