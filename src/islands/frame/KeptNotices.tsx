import { Button } from '../../ui/Button.tsx';
import { Notice } from '../../ui/states/index.ts';
import type { Elsewhere } from '../../state/reading/index.ts';

interface KeptNoticesProps {
  readonly trouble: string | null;
  readonly elsewhere: Elsewhere;
}

/** Says what could not be kept, and that another tab has changed what stands here. */
export function KeptNotices({ trouble, elsewhere: { notice, dismiss } }: KeptNoticesProps) {
  return (
    <>
      {trouble !== null && (
        <Notice trouble className="my-2">
          {trouble}
        </Notice>
      )}
      {notice !== null && (
        <Notice className="my-2 flex items-center gap-3">
          <span className="grow">{notice}</span>
          <Button onClick={dismiss}>OK</Button>
        </Notice>
      )}
    </>
  );
}
