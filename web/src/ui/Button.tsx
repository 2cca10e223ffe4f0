import clsx from 'clsx';
import type { ButtonHTMLAttributes } from 'react';

type Look = 'plain' | 'strong' | 'quiet' | 'slate' | 'icon' | 'danger';

const LOOKS: Record<Look, string> = {
  plain: 'border-[1.5px] border-line bg-paper-lit px-4 hover:border-ink-soft',
  strong: 'bg-ink px-5 font-bold text-paper hover:bg-[#453d34]',
  quiet: 'px-3 text-ink-soft underline decoration-line underline-offset-4 hover:text-ink',
  slate: 'border-[1.5px] border-slate-line px-4 text-chalk hover:border-chalk-soft',
  icon: 'w-11 justify-center rounded-full text-ink-soft hover:bg-shade hover:text-ink',
  danger: 'border-[1.5px] border-wax px-4 text-wax hover:bg-wax hover:text-paper',
};

export function Button({
  look = 'plain',
  className,
  ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & { look?: Look }) {
  return (
    <button
      type="button"
      className={clsx(
        'inline-flex min-h-11 items-center gap-2 rounded-lg whitespace-nowrap disabled:opacity-45',
        LOOKS[look],
        className,
      )}
      {...rest}
    />
  );
}
