import { settleChange } from '../../state/edits/index.ts';
import { useWork } from '../../state/bench/index.ts';
import { Button } from '../../ui/Button.tsx';
import { Notice } from '../../ui/states/index.ts';
import { ChangeWords } from '../parts/index.ts';

/**
 * Shows that the instrument or the player of this piece was changed in the Studio: the change, its effect here, and what to do about it.
 */
export function ChangedNotice() {
  const changed = useWork((work) => work.changed);
  const brief = useWork((work) => work.brief);
  if (!changed) return null;
  return (
    <Notice label="Changed in the Studio" className="mt-2 flex items-start gap-3">
      <p className="grow">
        <strong>Changed in the Studio.</strong> <ChangeWords before={changed.before} after={brief} />
      </p>
      <Button onClick={() => settleChange('new')}>OK</Button>
      <Button onClick={() => settleChange('old')}>Keep this piece as it was</Button>
    </Notice>
  );
}
