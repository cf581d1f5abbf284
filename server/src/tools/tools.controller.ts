import { ChangeToolInput, StoredTool, ToolInput } from '@crustallum/core/contracts/tool';
import { Body, Controller, Delete, Get, Param, ParseUUIDPipe, Post, Put } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { Answers } from '../app/answers';
import { ToolsService } from './tools.service';

@ApiTags('tools')
@Controller('tools')
export class ToolsController {
  constructor(private readonly tools: ToolsService) {}

  @Get() @Answers([StoredTool]) list() {
    return this.tools.list();
  }
  @Post() @Answers(StoredTool) add(@Body() document: ToolInput) {
    return this.tools.create({ name: document.name, document });
  }
  @Put(':id') @Answers(StoredTool) change(
    @Param('id', ParseUUIDPipe) id: string,
    @Body() { version, document }: ChangeToolInput,
  ) {
    return this.tools.change(id, version, { name: document.name, document });
  }
  @Delete(':id') @Answers(StoredTool) remove(@Param('id', ParseUUIDPipe) id: string) {
    return this.tools.remove(id);
  }
  @Post(':id/restore') @Answers(StoredTool) restore(@Param('id', ParseUUIDPipe) id: string) {
    return this.tools.restore(id);
  }
}
