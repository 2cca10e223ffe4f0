import type { ReactNode } from 'react';

/** A round button with a picture and a name, for the small moves. */
export function IconButton({
  label,
  disabled = false,
  steps,
  onClick,
  children,
}: {
  label: string;
  disabled?: boolean;
  /** How many steps stand behind an undo or redo; for whoever drives the interface by program. */
  steps?: number;
  onClick: () => void;
  children: ReactNode;
}) {
  return (
    <button
      type="button"
      aria-label={label}
      title={label}
      disabled={disabled}
      data-steps={steps}
      onClick={onClick}
      className="flex size-11 shrink-0 items-center justify-center rounded-full text-ink-soft hover:bg-shade hover:text-ink disabled:opacity-40"
    >
      {children}
    </button>
  );
}
