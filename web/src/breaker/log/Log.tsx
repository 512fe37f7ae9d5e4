import { Tab, TabGroup, TabList, TabPanel, TabPanels } from '@headlessui/react';
import type { Breaker, Reading } from '@phylaxon/core/record/entities';
import type { Policies } from '@phylaxon/core/record/settings';
import type { TestId } from '@phylaxon/core/facts/vocabulary';
import { destinationOf, LOG_TABS, READING_FIELDS, type LogTab } from './destinations.ts';
import { NoTripForm } from './NoTripForm.tsx';
import { LookForm } from './LookForm.tsx';
import { InspectionForms, useInspections } from './InspectionForms.tsx';
import { ReadingForm } from './ReadingForm.tsx';
import { ResetForm } from './ResetForm.tsx';
import { TripForm } from './TripForm.tsx';
import * as messages from './messages.ts';

const TAB_WORDS: Record<LogTab, string> = {
  reading: messages.reading,
  trip: messages.trip,
  'no-trip': messages.held,
  reset: messages.reset,
  look: messages.observe,
  inspection: messages.inspect,
};

interface Props {
  breaker: Breaker;
  /** What the breaker is called, for an entry that has to wait. */
  where: string;
  policies: Policies;
  /** A danger sign stands. */
  stopped: boolean;
  /** Where it was measured before, the latest first. */
  measuredAt: readonly Reading['point'][];
  tab: LogTab;
  onTab: (tab: LogTab) => void;
  /** The test that is to be logged, if one was asked for. */
  test?: TestId;
}

/** Everything that can be logged of a breaker. */
export default function Log({ breaker, where, policies, stopped, measuredAt, tab, onTab, test }: Props) {
  const inspects = useInspections().length > 0;
  const tabs = LOG_TABS.filter((one) => one !== 'inspection' || inspects);
  return (
    <TabGroup selectedIndex={Math.max(0, tabs.indexOf(tab))} onChange={(index) => onTab(tabs[index]!)}>
      <TabList className="mb-4 flex flex-wrap gap-1">
        {tabs.map((one) => (
          <Tab
            key={one}
            className="min-h-11 border-b-4 border-transparent px-3 font-medium data-hover:bg-bone-sunk data-selected:border-ink data-selected:font-bold"
          >
            {TAB_WORDS[one]}
          </Tab>
        ))}
      </TabList>
      <TabPanels>
        <TabPanel tabIndex={-1} unmount={false}>
          <ReadingForm
            breaker={breaker}
            where={where}
            measuredAt={measuredAt}
            focusOn={test && READING_FIELDS[test]}
          />
        </TabPanel>
        <TabPanel tabIndex={-1} unmount={false}>
          <TripForm breaker={breaker} where={where} />
        </TabPanel>
        <TabPanel tabIndex={-1} unmount={false}>
          <NoTripForm breaker={breaker} where={where} />
        </TabPanel>
        <TabPanel tabIndex={-1} unmount={false}>
          <ResetForm breaker={breaker} where={where} policies={policies} stopped={stopped} />
        </TabPanel>
        <TabPanel tabIndex={-1} unmount={false}>
          <LookForm
            key={test}
            breaker={breaker}
            where={where}
            startWith={test && destinationOf(test) === 'look' ? test : undefined}
          />
        </TabPanel>
        {inspects && (
          <TabPanel tabIndex={-1} unmount={false}>
            <InspectionForms breaker={breaker} where={where} />
          </TabPanel>
        )}
      </TabPanels>
    </TabGroup>
  );
}
