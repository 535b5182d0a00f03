import type { RefObject } from 'react';
import type { Brief } from '#core/brief';
import { type LimitName, limitPart } from '#core/brief/parts/limits';
import { withMaterial } from '#core/brief/edits';
import type { RangeInKey } from '#core/fit';
import { useEngine } from '../../../engine/index.ts';
import { useWork } from '../../../state/bench/index.ts';
import { changeBrief } from '../../../state/edits/index.ts';
import { Button } from '../../../ui/Button.tsx';
import { Answered } from '../../../ui/states/index.ts';
import { Popover } from '../../../ui/Popover.tsx';
import { rangeInKeyText, toTheEndText } from '../../../words/hand/range.ts';
import { LimitControl } from './LimitControl.tsx';

/** Tells how far the scale of the key goes within the limits. */
function Range({ brief }: { readonly brief: Brief }) {
  const asked = useEngine(brief, { kind: 'range' });
  return (
    <div className="mt-3 max-w-[44ch] text-sm text-dove-dark">
      <Answered asked={asked}>
        {(range) =>
          range && (
            <>
              <p>{rangeInKeyText(range, brief.instrument.kind)}</p>
              <ToTheEnd range={range} />
            </>
          )
        }
      </Answered>
    </div>
  );
}

/** Offers one step to a scale that goes on to its last note within the limits. */
function ToTheEnd({ range: { toTheEnd, tonics, highest } }: { readonly range: RangeInKey }) {
  const kind = useWork((work) => work.brief.instrument.kind);
  if (!toTheEnd || !tonics) return null;
  const { material } = toTheEnd;
  return (
    <Button className="mt-2" onClick={() => changeBrief((now) => withMaterial(now, material))}>
      {toTheEndText(tonics.lowest, highest, kind)}
    </Button>
  );
}

interface LimitPopoverProps {
  readonly name: LimitName;
  readonly brief: Brief;
  readonly anchor: RefObject<HTMLButtonElement | null>;
  readonly onClose: () => void;
}

/** Shows the control of a limit, below its part of the sentence. */
export function LimitPopover({ name, brief, anchor, onClose }: LimitPopoverProps) {
  return (
    <Popover label={limitPart(name).words.name} anchor={anchor} width="" onClose={onClose}>
      <LimitControl name={name} brief={brief} />
      <Range brief={brief} />
    </Popover>
  );
}
