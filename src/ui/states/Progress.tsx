import { Button } from '../Button.tsx';
import { Notice } from './Notice.tsx';

interface ProgressProps {
  /** What is under way: "Planning a long line". */
  readonly what: string;
  /** What has been done of it: "laid out". */
  readonly done: string;
  /** How much, 0 to 1. */
  readonly share: number;
  readonly onStop: () => void;
}

/** Long work, how far it is, and the way to stop it. */
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
