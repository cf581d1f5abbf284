import { Module } from '@nestjs/common';
import { StandInsController } from './standIns.controller';
import { StandInsService } from './standIns.service';

@Module({ controllers: [StandInsController], providers: [StandInsService], exports: [StandInsService] })
export class StandInsModule {}
