import { writeDemoSnapshot } from '../src/testing/index.ts';

await writeDemoSnapshot(process.argv[2]!);
