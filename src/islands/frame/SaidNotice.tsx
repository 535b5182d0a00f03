import { dismissNotice, useNotice, useWayOn } from '../../state/notices.ts';
import { Button, ButtonLink } from '../../ui/Button.tsx';
import { X } from '../../ui/icons.ts';
import { Notice } from '../../ui/states/index.ts';

/** Shows what was said last, with the way on from it. */
export function SaidNotice() {
  const notice = useNotice();
  const way = useWayOn();
  if (notice === null) return null;
  return (
    <Notice className="mt-2 flex items-start gap-3">
      <span className="grow">{notice}</span>
      {way && <ButtonLink href={way.href}>{way.name}</ButtonLink>}
      <Button aria-label="Dismiss the message" onClick={dismissNotice}>
        <X size={14} aria-hidden="true" />
      </Button>
    </Notice>
  );
}
