import { Button } from '../../ui/Button.tsx';
import { Notice } from '../../ui/states/Notice.tsx';
import type { Elsewhere } from './use-kept.ts';

/** Says that another tab has changed what stands here, until it is read. */
export function ChangedElsewhere({ elsewhere: { notice, dismiss } }: { readonly elsewhere: Elsewhere }) {
  if (notice === null) return null;
  return (
    <Notice className="mt-2 flex items-center gap-3">
      <span className="grow">{notice}</span>
      <Button onClick={dismiss}>OK</Button>
    </Notice>
  );
}
