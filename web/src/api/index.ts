export * from './record.ts';
export * from './request.ts';
