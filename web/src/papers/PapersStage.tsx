import { planRows, type PaperId } from '@rotula/core';
import { Download, Printer } from 'lucide-react';
import { lazy, Suspense, useEffect, useState } from 'react';
import { Cautions } from '../frame/Cautions';
import { useWorkbench } from '../frame/context';
import { StageLayout } from '../frame/StageLayout';
import { useDay } from '../frame/useDay';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { Select } from '../ui/Select';
import { saveText } from '../ui/saveText';
import { SlateSection } from '../ui/Slate';
import { PAGE_SIZES, PageSize, type PaperSize } from './page';
import { say } from '../language/say';
import { SHEETS } from './sheets';
import './papers.css';

/** What computes papers comes once the page is drawn. */
const PaperView = lazy(async () => ({ default: (await import('./PaperView')).PaperView }));

/** The day as a calendar file; it waits for the searched day. */
function SaveCalendar({ fileName }: { fileName: string }) {
  const { document } = useWorkbench();
  const day = useDay();
  const { brief, title } = document.order;
  return (
    <Button
      look="slate"
      disabled={!day.timing.exact}
      onClick={async () => {
        const { calendarOf } = await import('../frame/calendar');
        const about = { id: document.id, title, place: brief.place };
        saveText(`${fileName}.ics`, calendarOf(day, about, brief.hours), 'text/calendar');
      }}
    >
      <Download size={18} /> {say`Calendar file`}
    </Button>
  );
}

/** Print preview of the papers, and the order and plan as files. */
export default function PapersStage() {
  const { plan, document, house } = useWorkbench();
  const [paper, setPaper] = useState<PaperId>('cut-sheet');
  const [size, setSize] = useState<PaperSize>(house.paper);
  // Asked for beside what computes it, not after it.
  useEffect(() => void SHEETS[paper].draw(), [paper]);
  const fileName =
    document.order.title
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '') || 'order';
  return (
    <StageLayout
      slate={
        <>
          <SlateSection title={say`Paper and files`}>
            <Select
              label={say`Paper size`}
              className="mb-3 w-full"
              value={size}
              options={[
                { value: 'A4', label: 'A4' },
                { value: 'US Letter', label: say`US Letter` },
              ]}
              onChange={setSize}
            />
            <div className="flex flex-wrap gap-3">
              <Button
                look="slate"
                onClick={async () => {
                  const { orderFile } = await import('../frame/schemaCode');
                  saveText(`${fileName}.json`, JSON.stringify(orderFile(document.order), null, 2));
                }}
              >
                <Download size={18} /> {say`Order as JSON`}
              </Button>
              <Button
                look="slate"
                onClick={async () => {
                  const { default: Papa } = await import('papaparse');
                  saveText(
                    `${fileName}.csv`,
                    Papa.unparse(planRows(plan), { escapeFormulae: true }),
                    'text/csv',
                  );
                }}
              >
                <Download size={18} /> {say`Plan as CSV`}
              </Button>
              <SaveCalendar fileName={fileName} />
            </div>
            <p className="mt-2 text-sm text-chalk-soft">{say`The order file can be brought into any Rotula from its Book.`}</p>
          </SlateSection>
          <Cautions />
        </>
      }
    >
      <style>{`@page { size: ${PAGE_SIZES[size]}; margin: 14mm; }`}</style>
      <div className="no-print mb-4 flex flex-wrap items-center gap-3">
        <Choice
          label={say`Paper`}
          className="flex! flex-wrap"
          value={paper}
          options={(Object.keys(SHEETS) as PaperId[]).map((value) => ({
            value,
            label: SHEETS[value].label,
          }))}
          onChange={setPaper}
        />
        <Button look="strong" onClick={() => window.print()}>
          <Printer size={18} /> {say`Print`}
        </Button>
      </div>
      <div className="paper-sheet" data-size={size}>
        <PageSize value={size}>
          <Suspense fallback={null}>
            <PaperView key={paper} paper={paper} />
          </Suspense>
        </PageSize>
      </div>
    </StageLayout>
  );
}
