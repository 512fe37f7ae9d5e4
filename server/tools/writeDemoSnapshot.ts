import { writeDemoSnapshot } from '../src/testing/demoSnapshot.ts';

await writeDemoSnapshot(process.argv[2]!);
