import 'reflect-metadata';
import { plainKitchen } from '@crustallum/core/plan/starters';
import { Nested, NumberIn } from '@crustallum/core/quantities/rules';
import { Body, Controller, Get, Injectable, Module, Put } from '@nestjs/common';
import { ApiProperty, ApiTags } from '@nestjs/swagger';
import { InjectRepository, TypeOrmModule } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import { DocumentStore } from '../database/documentStore';
import { Kitchen } from './kitchen.entity';
import { KitchenInput } from '@crustallum/core/contracts/kitchen';

const onlyKitchen = 'kitchen';

export class ChangeKitchenDto {
  @ApiProperty() @NumberIn(1, 1e9, '', { integer: true }) version!: number;
  @ApiProperty({ type: Object }) @Nested(() => KitchenInput) document!: KitchenInput;
}

@Injectable()
export class KitchenService {
  private readonly store: DocumentStore<Kitchen>;
  constructor(@InjectRepository(Kitchen) private readonly rows: Repository<Kitchen>) {
    this.store = new DocumentStore(rows, 'kitchen');
  }

  /** The one kitchen of this data file; a plain one until the cook has described their own. */
  async get(): Promise<Kitchen> {
    const known = await this.rows.findOne({ where: { id: onlyKitchen } });
    return known ?? this.store.create({ id: onlyKitchen, document: plainKitchen });
  }

  async change(version: number, document: KitchenInput): Promise<Kitchen> {
    await this.get();
    return this.store.change(onlyKitchen, version, { document });
  }
}

@ApiTags('kitchen')
@Controller('kitchen')
export class KitchenController {
  constructor(private readonly kitchen: KitchenService) {}
  @Get() get() {
    return this.kitchen.get();
  }
  @Put() change(@Body() dto: ChangeKitchenDto) {
    return this.kitchen.change(dto.version, dto.document);
  }
}

@Module({
  imports: [TypeOrmModule.forFeature([Kitchen])],
  controllers: [KitchenController],
  providers: [KitchenService],
  exports: [KitchenService],
})
export class KitchenModule {}
