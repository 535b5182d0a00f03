import type { ButtonHTMLAttributes } from 'react';

interface StandButtonProps extends ButtonHTMLAttributes<HTMLButtonElement> {
  /** Whether the pedal or the space bar gives it as well. */
  readonly main?: boolean;
  /** Whether a held key gives it when it is released. */
  readonly held?: boolean;
}

/** A button to press with a knuckle, an elbow or the tip of a bow. */
export function StandButton({ main = false, held = false, className = '', onClick, ...attributes }: StandButtonProps) {
  const look = main ? 'border-ink bg-ink text-paper' : 'border-dove bg-paper text-ink';
  const mark = held ? ' outline-4 outline-offset-4 outline-ink' : '';
  return (
    <button
      type="button"
      className={`min-h-[64px] min-w-[64px] grow cursor-pointer rounded-[8px] border-2 px-3 text-[20px] sm:min-h-[96px] sm:min-w-[96px] sm:px-5 sm:text-[32px] leading-[1.15] font-semibold ${look}${mark} ${className}`}
      onClick={(event) => {
        // A press by mouse or finger leaves no focus behind: the space bar is the stand's, not this button's.
        if (event.detail > 0) event.currentTarget.blur();
        onClick?.(event);
      }}
      {...attributes}
    />
  );
}
