import { ChangeLarderInput, DrawInput, LarderInput, LarderThing } from '@crustallum/core/contracts/larder';
import { Body, Controller, Delete, Get, HttpCode, Param, ParseUUIDPipe, Post, Put } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { Answers } from '../app/answers';
import { DrawsService } from './draws.service';
import { LarderService } from './larder.service';

@ApiTags('larder')
@Controller('larder')
export class LarderController {
  constructor(
    private readonly larder: LarderService,
    private readonly draws: DrawsService,
  ) {}
  @Get() @Answers([LarderThing]) list() {
    return this.larder.list();
  }
  @Post() @Answers(LarderThing) add(@Body() thing: LarderInput) {
    return this.larder.create({ ...thing });
  }
  @Post('draws') @HttpCode(200) @Answers(DrawInput) draw(@Body() draw: DrawInput) {
    return this.draws.draw(draw);
  }
  @Post('draws/:id/undo') @HttpCode(200) @Answers(DrawInput) undo(@Param('id', ParseUUIDPipe) id: string) {
    return this.draws.undo(id);
  }
  @Put(':id') @Answers(LarderThing) change(
    @Param('id', ParseUUIDPipe) id: string,
    @Body() { version, ...values }: ChangeLarderInput,
  ) {
    return this.larder.change(id, version, values);
  }
  @Delete(':id') @Answers(LarderThing) remove(@Param('id', ParseUUIDPipe) id: string) {
    return this.larder.remove(id);
  }
  @Post(':id/restore') @Answers(LarderThing) restore(@Param('id', ParseUUIDPipe) id: string) {
    return this.larder.restore(id);
  }
}
