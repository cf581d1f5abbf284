import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import { DocumentStore } from '../database/documentStore';
import { Tool } from './tool.entity';

@Injectable()
export class ToolsService extends DocumentStore<Tool> {
  constructor(@InjectRepository(Tool) rows: Repository<Tool>) {
    super(rows, 'tool');
  }
}
