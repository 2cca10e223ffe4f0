import { Tab, TabGroup, TabList, TabPanel, TabPanels } from '@headlessui/react';
import { Suspense, type ReactNode } from 'react';
import { say } from '../language/say';

/** A few views of one thing on the slate, one at a time; a view is made when it is first opened. */
export function Tabs({
  label,
  tabs,
}: {
  label: string;
  tabs: readonly { name: string; view: () => ReactNode }[];
}) {
  return (
    <TabGroup>
      <TabList aria-label={label} className="flex gap-1 border-b border-slate-line">
        {tabs.map(({ name }) => (
          <Tab
            key={name}
            className="min-h-11 flex-1 rounded-t-md px-2 text-chalk-soft hover:text-chalk data-selected:bg-slate-lit data-selected:font-bold data-selected:text-chalk"
          >
            {name}
          </Tab>
        ))}
      </TabList>
      <TabPanels>
        {tabs.map(({ name, view }) => (
          <TabPanel key={name} className="flex flex-col gap-5 pt-4" tabIndex={-1}>
            <Suspense fallback={<p>{say`One moment …`}</p>}>{view()}</Suspense>
          </TabPanel>
        ))}
      </TabPanels>
    </TabGroup>
  );
}
