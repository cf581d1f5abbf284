import 'reflect-metadata';
import { NumberIn, OneOf } from '@crustallum/core/quantities/rules';
import { Body, Controller, Delete, Get, Injectable, Module, Param, ParseUUIDPipe, Post, Put } from '@nestjs/common';
import { ApiProperty, ApiTags } from '@nestjs/swagger';
import { InjectRepository, TypeOrmModule } from '@nestjs/typeorm';
import { IsString, Matches, MaxLength } from 'class-validator';
import { Repository } from 'typeorm';
import { DocumentStore } from '../storage/documentStore';
import { LarderItem } from './larderItem.entity';

export const shelves = ['A', 'B', 'C', 'D', 'E', 'F', 'G', 'H', 'I', 'J'] as const;

export class LarderItemDto {
  @ApiProperty() @IsString() @MaxLength(60) @Matches(/\S/) name!: string;
  @ApiProperty() @NumberIn(0, 50_000, 'g') grams!: number;
  @ApiProperty({ enum: shelves }) @OneOf(shelves) shelf!: string;
  @ApiProperty() @IsString() @MaxLength(120) note!: string;
}

export class ChangeLarderItemDto extends LarderItemDto {
  @ApiProperty() @NumberIn(1, 1e9, '', { integer: true }) version!: number;
}

@Injectable()
export class LarderService extends DocumentStore<LarderItem> {
  constructor(@InjectRepository(LarderItem) rows: Repository<LarderItem>) {
    super(rows, 'thing in the larder');
  }
}

@ApiTags('larder')
@Controller('larder')
export class LarderController {
  constructor(private readonly larder: LarderService) {}
  @Get() list() {
    return this.larder.list();
  }
  @Post() add(@Body() dto: LarderItemDto) {
    return this.larder.create({ ...dto });
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
  imports: [TypeOrmModule.forFeature([LarderItem])],
  controllers: [LarderController],
  providers: [LarderService],
  exports: [LarderService],
})
export class LarderModule {}
