import { Tab, TabGroup, TabList, TabPanel, TabPanels } from '@headlessui/react';
import { isCovered } from '@phylaxon/core/physics/trip';
import { lazy, Suspense } from 'react';
import { CombinationsPart } from './CombinationsPart.tsx';
import { WearPart } from './WearPart.tsx';
import type { PartProps } from './partProps.ts';
import * as messages from './messages.ts';

const EstimateTab = lazy(() =>
  import('./EstimatePart.tsx').then(({ EstimatePart: part }) => ({ default: part })),
);
const CurvePart = lazy(() => import('./CurvePart.tsx').then(({ CurvePart: part }) => ({ default: part })));
const RunningPart = lazy(() =>
  import('./RunningPart.tsx').then(({ RunningPart: part }) => ({ default: part })),
);
const PARTS = [
  { name: messages.thisBreaker, Part: EstimateTab },
  { name: messages.tripCurve, Part: CurvePart },
  { name: messages.combinedLoads, Part: CombinationsPart },
  { name: messages.loadProfile, Part: RunningPart },
  { name: messages.wear, Part: WearPart },
] as const;

/** What trips and holds tell about the breaker, and what it will do. */
export function Bench(props: PartProps) {
  const { breaker } = props.detail;
  if (breaker.kind === 'surge') return <p>{messages.aSurgeProtectiveDeviceHasNo}</p>;
  if (!isCovered(breaker.ratingAmps)) {
    return (
      <>
        <p className="mb-4">{messages.theStandardTripCurveCovers}</p>
        <WearPart {...props} />
      </>
    );
  }
  return (
    <TabGroup>
      <TabList className="mb-4 flex flex-wrap gap-1">
        {PARTS.map(({ name }) => (
          <Tab
            key={name}
            className="min-h-11 border-b-4 border-transparent px-3 font-medium data-hover:bg-bone-sunk data-selected:border-ink data-selected:font-bold"
          >
            {name}
          </Tab>
        ))}
      </TabList>
      <TabPanels>
        {PARTS.map(({ name, Part }) => (
          <TabPanel key={name} tabIndex={-1}>
            <Suspense fallback={<p className="h-72">{messages.drawing}</p>}>
              <Part {...props} />
            </Suspense>
          </TabPanel>
        ))}
      </TabPanels>
    </TabGroup>
  );
}
