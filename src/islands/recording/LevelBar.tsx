/** The loudness below full at which a level begins to show, decibels. */
const SHOWN_WITHIN = 60;

interface LevelBarProps {
  /** The loudness, 0 … 1. */
  readonly loudness: number;
  readonly isTooLoud: boolean;
}

/** Shows how loud it is; the words beside it say the same. */
export function LevelBar({ loudness, isTooLoud }: LevelBarProps) {
  const share = Math.max(0, Math.min(1, 1 + (20 * Math.log10(loudness + 1e-6)) / SHOWN_WITHIN));
  return (
    <span className="h-3 w-48 bg-line" aria-hidden="true">
      <span className={`block h-full ${isTooLoud ? 'bg-ochre' : 'bg-verdigris'}`} style={{ width: `${100 * share}%` }} />
    </span>
  );
}
