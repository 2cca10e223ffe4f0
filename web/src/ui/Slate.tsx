import clsx from 'clsx';
import type { ReactNode } from 'react';
import { say } from '../language/say';

/** The dark panel on the right of every screen: what Rotula works out. */
export function Slate({ label, children }: { label: string; children: ReactNode }) {
  return (
    <aside
      aria-label={label}
      // A region that scrolls must be reachable by keyboard.
      tabIndex={0}
      className="on-slate slate-scroll no-print flex flex-col gap-5 bg-slate p-6 text-chalk min-[1000px]:h-dvh min-[1000px]:overflow-y-auto"
    >
      {children}
    </aside>
  );
}

/** The vital figures: they stay in view while the rest of the slate scrolls under them. */
export function SlateHead({ children }: { children: ReactNode }) {
  return (
    <div className="slate-head sticky -top-6 z-10 -mx-6 -mt-6 border-b border-slate-line bg-slate px-6 pt-6 pb-3">
      {children}
    </div>
  );
}

export function SlateSection({
  title,
  aside,
  children,
}: {
  title: ReactNode;
  aside?: ReactNode;
  children: ReactNode;
}) {
  return (
    <section className="border-t border-slate-line pt-4 first-of-type:border-t-0 first-of-type:pt-0">
      <div className="mb-2 flex items-baseline justify-between gap-3">
        <h2 className="text-xl">{title}</h2>
        {aside && <span className="text-sm text-chalk-soft">{aside}</span>}
      </div>
      {children}
    </section>
  );
}

/** A vital figure: big, with its unit and a word under it. */
export function Vital({
  label,
  figure,
  unit,
  below,
  bar,
  tone = 'butter',
}: {
  label: string;
  figure: ReactNode;
  unit?: ReactNode;
  below?: ReactNode;
  bar?: number;
  tone?: 'butter' | 'leaf' | 'wax';
}) {
  const colour = { butter: 'bg-butter', leaf: 'bg-leaf-lit', wax: 'bg-wax-lit' }[tone];
  return (
    <div className="min-w-0 flex-1">
      <div className="text-chalk-soft">{label}</div>
      <div className="font-serif text-[2rem] leading-9 font-semibold whitespace-nowrap">
        {figure}
        {unit && <span className="ml-1 text-base font-normal">{unit}</span>}
      </div>
      {bar !== undefined && (
        <div className="mt-1 h-2 rounded-full bg-slate-line">
          <div
            className={clsx('h-2 rounded-full', colour)}
            style={{ width: `${Math.max(0, Math.min(100, bar))}%` }}
          />
        </div>
      )}
      {below && <div className="mt-1 text-sm text-chalk-soft">{below}</div>}
    </div>
  );
}

/** Signed reasons, one a line. */
export function Reasons({
  reasons,
}: {
  reasons: readonly { effect: ReactNode; good?: boolean; says: string; source?: string }[];
}) {
  return (
    <ul className="space-y-1.5">
      {reasons.map((r, i) => (
        <li key={i} className="flex gap-2.5" title={r.source && say`Source: ${r.source}`}>
          <span
            className={clsx(
              'w-9 shrink-0 text-right tabular-nums',
              r.good ? 'text-leaf-lit' : 'text-wax-lit',
            )}
          >
            {r.effect}
          </span>
          <span>{r.says}</span>
        </li>
      ))}
    </ul>
  );
}

export function Callout({
  children,
  tone = 'caution',
}: {
  children: ReactNode;
  tone?: 'caution' | 'advice' | 'stop';
}) {
  const look = {
    caution: 'border-annatto bg-[#3a2e22]',
    advice: 'border-slate-line bg-slate-lit',
    stop: 'border-wax-lit bg-[#482824]',
  }[tone];
  return <div className={clsx('rounded-r-md border-l-4 px-3.5 py-2.5', look)}>{children}</div>;
}
