/** What is cut, how, and of how much. */
export const PanelHead = ({ name, how, aside }: { name: string; how: string; aside: string }) => (
  <div className="mb-3 flex flex-wrap items-baseline justify-between gap-x-4">
    <h2 className="text-[1.5rem] leading-7">
      {name}: {how}
    </h2>
    <span className="text-ink-soft">{aside}</span>
  </div>
);
