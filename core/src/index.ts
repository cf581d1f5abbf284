export * from './models';
