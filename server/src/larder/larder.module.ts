import 'reflect-metadata';
import {
  Body,
  Controller,
  Delete,
  Get,
  HttpCode,
  Injectable,
  Module,
  Param,
  ParseUUIDPipe,
  Post,
  Put,
} from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { InjectRepository, TypeOrmModule } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import { DocumentStore } from '../database/documentStore';
import { DrawsService } from './draws.service';
import { ChangeLarderItemDto, DrawDto, LarderItemDto } from './larder.dto';
import { LarderDraw, LarderItem } from './larderItem.entity';

@Injectable()
export class LarderService extends DocumentStore<LarderItem> {
  constructor(@InjectRepository(LarderItem) rows: Repository<LarderItem>) {
    super(rows, 'thing in the larder');
  }
}

@ApiTags('larder')
@Controller('larder')
export class LarderController {
  constructor(
    private readonly larder: LarderService,
    private readonly draws: DrawsService,
  ) {}
  @Get() list() {
    return this.larder.list();
  }
  @Post() add(@Body() dto: LarderItemDto) {
    return this.larder.create({ ...dto });
  }
  @Post('draws') @HttpCode(200) draw(@Body() dto: DrawDto) {
    return this.draws.draw(dto);
  }
  @Post('draws/:id/undo') @HttpCode(200) undo(@Param('id', ParseUUIDPipe) id: string) {
    return this.draws.undo(id);
  }
  @Put(':id') change(@Param('id', ParseUUIDPipe) id: string, @Body() { version, ...values }: ChangeLarderItemDto) {
    return this.larder.change(id, version, values);
  }
  @Delete(':id') remove(@Param('id', ParseUUIDPipe) id: string) {
    return this.larder.remove(id);
  }
  @Post(':id/restore') restore(@Param('id', ParseUUIDPipe) id: string) {
    return this.larder.restore(id);
  }
}

@Module({
  imports: [TypeOrmModule.forFeature([LarderItem, LarderDraw])],
  controllers: [LarderController],
  providers: [LarderService, DrawsService],
  exports: [LarderService],
})
export class LarderModule {}
