export * from './newId.ts';
export * from './record.ts';
export * from './request.ts';
