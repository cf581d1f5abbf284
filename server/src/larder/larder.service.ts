import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import { DocumentStore } from '../database/documentStore';
import { LarderItem } from './larderItem.entity';

@Injectable()
export class LarderService extends DocumentStore<LarderItem> {
  constructor(@InjectRepository(LarderItem) rows: Repository<LarderItem>) {
    super(rows, 'thing in the larder');
  }
}
