import type { ReactNode } from 'react';

/** A round button with a picture and a name, for the small moves. */
export function IconButton({
  label,
  disabled = false,
  onClick,
  children,
}: {
  label: string;
  disabled?: boolean;
  onClick: () => void;
  children: ReactNode;
}) {
  return (
    <button
      type="button"
      aria-label={label}
      title={label}
      disabled={disabled}
      onClick={onClick}
      className="flex size-11 shrink-0 items-center justify-center rounded-full text-ink-soft hover:bg-shade hover:text-ink disabled:opacity-40"
    >
      {children}
    </button>
  );
}
