import { Button } from '../Button.tsx';
import { Notice } from './Notice.tsx';

interface ProgressProps {
  /** The work under way: "Planning a long line". */
  readonly what: string;
  /** The word for the part that is done: "laid out". */
  readonly done: string;
  /** The share that is done, 0 to 1. */
  readonly share: number;
  readonly onStop: () => void;
}

/** Shows long work, its progress, and the way to stop it. */
export function Progress({ what, done, share, onStop }: ProgressProps) {
  return (
    <Notice className="mt-2 flex items-center gap-3">
      <span className="grow">
        {what}: {Math.round(share * 100)} % {done}.
      </span>
      <Button onClick={onStop}>Stop</Button>
    </Notice>
  );
}
