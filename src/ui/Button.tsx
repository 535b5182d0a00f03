import type { AnchorHTMLAttributes, ButtonHTMLAttributes, Ref } from 'react';

const LOOK =
  'inline-flex items-center gap-1.5 rounded-[5px] border border-dove-light px-[9px] py-1 text-[14px] leading-[1.3] whitespace-nowrap text-ink no-underline pointed:border-dove pointed:bg-paper-deep disabled:cursor-default disabled:border-line disabled:text-dove aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-paper aria-pressed:pointed:bg-ink';

/** The look of a button for something outside the limits. */
const OUTSIDE = ' not-aria-pressed:border-dashed not-aria-pressed:text-dove-dark';

interface ButtonProps extends ButtonHTMLAttributes<HTMLButtonElement> {
  readonly ref?: Ref<HTMLButtonElement>;
  /** Whether it stands for something that the limits exclude. */
  readonly outside?: boolean;
}

/** A button that does something. `className` places it. */
export function Button({ outside = false, className = '', type = 'button', ...attributes }: ButtonProps) {
  return <button type={type} className={`${LOOK}${outside ? OUTSIDE : ''} ${className}`} {...attributes} />;
}

/** A link that looks like a button. */
export function ButtonLink({ className = '', ...attributes }: AnchorHTMLAttributes<HTMLAnchorElement>) {
  return <a className={`${LOOK} ${className}`} {...attributes} />;
}
