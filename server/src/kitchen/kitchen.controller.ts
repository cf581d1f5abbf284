import { ChangeKitchenInput, StoredKitchen } from '@crustallum/core/contracts/kitchen';
import { Body, Controller, Get, Put } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { Answers } from '../app/answers';
import { KitchenService } from './kitchen.service';

@ApiTags('kitchen')
@Controller('kitchen')
export class KitchenController {
  constructor(private readonly kitchen: KitchenService) {}

  @Get() @Answers(StoredKitchen) get() {
    return this.kitchen.get();
  }
  @Put() @Answers(StoredKitchen) change(@Body() { version, document }: ChangeKitchenInput) {
    return this.kitchen.change(version, document);
  }
}
