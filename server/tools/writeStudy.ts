import { writeFileSync } from 'node:fs';
import { withLikelihoods } from '@phylaxon/core/diagnosis/causes';
import { casesAsMet, fitTables, runPairs, runStudy, studyPage } from '../bench/study/index.ts';

/** The size of the study that docs/ shows; every part has seeds of its own. */
const SIZE = { each: 70, firstSeed: 31_000 };
const FITTED_ON = { each: 60, firstSeed: 900_000 };
const AS_MET = { cases: 1500, firstSeed: 41_000 };
const OF_TWO = { each: 50, firstSeed: 51_000 };

const all = runStudy(SIZE);
const fitted = fitTables(FITTED_ON);
const ceiling = withLikelihoods(fitted, () => runStudy({ ...SIZE, orders: ['engine'] }));
const met = casesAsMet(AS_MET);
const pairs = runPairs(OF_TWO);

const page = studyPage({ size: SIZE, all, ceiling, met, pairs });
writeFileSync(new URL('../../docs/STUDY.md', import.meta.url), page);
