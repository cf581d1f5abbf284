import { Body, Controller, Delete, Get, Injectable, Module, Param, ParseUUIDPipe, Post, Put } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { InjectRepository, TypeOrmModule } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import { DocumentStore } from '../database/documentStore';
import { ChangeToolDto, ToolDto } from './tool.dto';
import { Tool } from './tool.entity';

@Injectable()
export class ToolsService extends DocumentStore<Tool> {
  constructor(@InjectRepository(Tool) rows: Repository<Tool>) {
    super(rows, 'tool');
  }
}

@ApiTags('tools')
@Controller('tools')
export class ToolsController {
  constructor(private readonly tools: ToolsService) {}
  @Get() list() {
    return this.tools.list();
  }
  @Post() add(@Body() dto: ToolDto) {
    return this.tools.create({ name: dto.name, document: dto });
  }
  @Put(':id') change(@Param('id', ParseUUIDPipe) id: string, @Body() dto: ChangeToolDto) {
    return this.tools.change(id, dto.version, { name: dto.document.name, document: dto.document });
  }
  @Delete(':id') remove(@Param('id', ParseUUIDPipe) id: string) {
    return this.tools.remove(id);
  }
  @Post(':id/restore') restore(@Param('id', ParseUUIDPipe) id: string) {
    return this.tools.restore(id);
  }
}

@Module({
  imports: [TypeOrmModule.forFeature([Tool])],
  controllers: [ToolsController],
  providers: [ToolsService],
  exports: [ToolsService],
})
export class ToolsModule {}
