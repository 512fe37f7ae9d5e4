import { writeFileSync } from 'node:fs';
import { runStudy, studyPage } from '../bench/study/index.ts';

/** The size of the study that docs/ shows. */
const SIZE = { each: 70, firstSeed: 1000 };

writeFileSync(new URL('../../docs/STUDY.md', import.meta.url), studyPage(runStudy(SIZE), SIZE));
