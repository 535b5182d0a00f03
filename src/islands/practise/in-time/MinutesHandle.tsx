import { type KeyboardEvent, type PointerEvent, useState } from 'react';

interface MinutesHandleProps {
  readonly label: string;
  readonly minutes: number;
  readonly least: number;
  readonly most: number;
  /** The width of a minute, px. */
  readonly pxPerMinute: number;
  /** Shows some minutes while the end is pulled; null when that is over. */
  readonly onPull: (minutes: number | null) => void;
  readonly onChange: (minutes: number) => void;
}

/** The keys that change the minutes, and by how many. */
const STEPS: Readonly<Record<string, number>> = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1, PageUp: 5, PageDown: -5 };

/** The pull that is under way: where it began, px, the width of a minute then, and the minutes so far. */
interface Pull {
  readonly fromX: number;
  readonly pxPerMinute: number;
  readonly minutes: number;
}

/** The end of an item on the line, pulled to make it longer or shorter; with the arrow keys a minute at a time. */
export function MinutesHandle({ label, minutes, least, most, pxPerMinute, onPull, onChange }: MinutesHandleProps) {
  const [pull, setPull] = useState<Pull | null>(null);
  const within = (wanted: number): number => Math.min(most, Math.max(least, wanted));
  const begin = (event: PointerEvent<HTMLElement>): void => {
    event.currentTarget.setPointerCapture(event.pointerId);
    setPull({ fromX: event.clientX, pxPerMinute, minutes });
  };
  const move = (event: PointerEvent): void => {
    if (!pull) return;
    const asked = within(minutes + Math.round((event.clientX - pull.fromX) / pull.pxPerMinute));
    setPull({ ...pull, minutes: asked });
    onPull(asked);
  };
  const leave = (): void => {
    setPull(null);
    onPull(null);
  };
  const end = (): void => {
    leave();
    if (pull && pull.minutes !== minutes) onChange(pull.minutes);
  };
  const press = (event: KeyboardEvent): void => {
    const step = STEPS[event.key];
    if (step === undefined) return;
    event.preventDefault();
    onChange(within(minutes + step));
  };
  return (
    <div
      role="slider"
      tabIndex={0}
      aria-label={label}
      aria-valuemin={least}
      aria-valuemax={most}
      aria-valuenow={pull?.minutes ?? minutes}
      aria-valuetext={`${pull?.minutes ?? minutes} min`}
      className="absolute inset-y-0 right-0 flex w-6 cursor-ew-resize touch-none items-center justify-end pr-1"
      onPointerDown={begin}
      onPointerMove={move}
      onPointerUp={end}
      onPointerCancel={leave}
      onKeyDown={press}
    >
      <span className="h-10 w-1.5 border-x border-dove" />
    </div>
  );
}
