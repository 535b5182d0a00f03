import type { RefObject } from 'react';
import { FINGERS, handOf } from '#core/hand';
import { TUNINGS } from '#core/instrument';
import type { Brief } from '#core/plan';
import { changeBrief } from '../../store/bench-actions.ts';
import { withLimits } from '../../store/brief-edits.ts';
import { ANY_LABELS, type Limit, LIMIT_LABELS, limitValues, valueLabel } from './limits.ts';
import { SubsetPopover } from './SubsetPopover.tsx';

interface LimitPopoverProps {
  readonly limit: Limit;
  readonly brief: Brief;
  readonly anchor: RefObject<HTMLButtonElement | null>;
  readonly onClose: () => void;
}

/** Everything this hand and instrument have of positions, strings or fingers, and what of it is allowed. */
export function LimitPopover({ limit, brief, anchor, onClose }: LimitPopoverProps) {
  const all = allOf(limit, brief);
  const chosen = limitValues(brief, limit);
  const allow = (values: readonly string[] | null): void => changeBrief((now) => withLimits(now, limited(limit, values)));
  const toggle = (value: string): void => {
    const before = chosen ?? all;
    const next = all.filter((each) => (each === value ? !before.includes(value) : before.includes(each)));
    allow(next.length === 0 || next.length === all.length ? null : next);
  };
  return (
    <SubsetPopover
      label={LIMIT_LABELS[limit]}
      any={ANY_LABELS[limit]}
      anchor={anchor}
      rows={all.map((value) => ({
        name: valueLabel(limit, value),
        allowed: (chosen ?? all).includes(value),
        toggle: () => toggle(value),
        only: () => allow([value]),
      }))}
      onAny={chosen === null ? null : () => allow(null)}
      onClose={onClose}
    />
  );
}

function allOf(limit: Limit, { instrument, player }: Brief): readonly string[] {
  const hand = handOf(instrument.kind, player?.school);
  switch (limit) {
    case 'positions':
      return hand.positionLabels;
    case 'strings':
      return instrument.tuning ?? TUNINGS[instrument.kind];
    case 'fingers':
      return hand.fingers.filter((finger) => finger !== '0');
  }
}

function limited(limit: Limit, values: readonly string[] | null): Parameters<typeof withLimits>[1] {
  if (limit !== 'fingers') return { [limit]: values === null ? null : [...values] };
  return { fingers: values === null ? null : FINGERS.filter((finger) => values.includes(finger)) };
}
