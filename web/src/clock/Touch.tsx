import type { ReactNode, SVGProps } from 'react';

/** Part of a picture that is touched like a button, by hand or by Enter and space. */
export function Touch({
  name,
  pressed,
  onTouch,
  children,
  ...rest
}: {
  name: string;
  pressed: boolean;
  onTouch: () => void;
  children: ReactNode;
} & SVGProps<SVGGElement>) {
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={name}
      aria-pressed={pressed}
      className="cursor-pointer"
      onClick={onTouch}
      onKeyDown={(event) => {
        if (event.key !== 'Enter' && event.key !== ' ') return;
        event.preventDefault();
        onTouch();
      }}
      {...rest}
    >
      {children}
    </g>
  );
}
