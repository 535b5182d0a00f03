import { lazy, Suspense, useRef, useState } from 'react';
import { type Finger, handOf } from '#core/hand';
import { readInstrument } from '#core/instrument';
import type { Brief } from '#core/plan';
import { positionWords } from '#core/words';
import { changeBrief } from '../../store/bench-actions.ts';
import { withLimits } from '../../store/brief-edits.ts';
import { noteLabel } from '../../words/labels.ts';

/** Comes when first asked for: the bench is drawn without it. */
const SubsetPopover = lazy(async () => ({ default: (await import('./SubsetPopover.tsx')).SubsetPopover }));

/** Which positions, strings and fingers are allowed. */
export function LimitsPart({ brief }: { readonly brief: Brief }) {
  const hand = handOf(brief.instrument.kind, brief.player?.school);
  const instrument = readInstrument(brief.instrument);
  const strings = instrument.ok ? instrument.value.strings.map((string) => string.name) : [];
  const limits = brief.limits ?? {};
  return (
    <>
      in{' '}
      <Subset
        label="Positions"
        any="any position"
        chosen={limits.positions ?? null}
        all={hand.positionLabels}
        name={(label) => positionWords({ label, alteration: null })}
        some={(labels) =>
          labels.length === 1 ? positionWords({ label: labels[0] ?? '', alteration: null }) : `positions ${labels.join(', ')}`
        }
        onChange={(positions) => changeBrief((now) => withLimits(now, { positions }))}
      />{' '}
      on{' '}
      <Subset
        label="Strings"
        any="any string"
        chosen={limits.strings ?? null}
        all={strings}
        name={noteLabel}
        some={(names) => `${names.length === 1 ? 'the string' : 'the strings'} ${names.map(noteLabel).join(', ')}`}
        onChange={(next) => changeBrief((now) => withLimits(now, { strings: next }))}
      />{' '}
      with{' '}
      <Subset
        label="Fingers"
        any="any finger"
        chosen={limits.fingers?.filter((finger) => finger !== '0') ?? null}
        all={hand.fingers.filter((finger) => finger !== '0')}
        name={(finger) => (finger === 'T' ? 'thumb' : `finger ${finger}`)}
        some={(fingers) => `${fingers.length === 1 ? 'finger' : 'fingers'} ${fingers.join(', ')}`}
        onChange={(fingers) => changeBrief((now) => withLimits(now, { fingers }))}
      />
    </>
  );
}

interface SubsetProps<Value extends string> {
  readonly label: string;
  /** The words for no limit. */
  readonly any: string;
  readonly chosen: readonly Value[] | null;
  readonly all: readonly Value[];
  readonly name: (value: Value) => string;
  readonly some: (values: readonly Value[]) => string;
  readonly onChange: (values: Value[] | null) => void;
}

/** A part of the sentence that allows some of several; all of them, or none, is no limit. */
function Subset<Value extends string = Finger>({ label, any, chosen, all, name, some, onChange }: SubsetProps<Value>) {
  const toggle = (value: Value): void => {
    const before = chosen ?? all;
    const next = all.filter((each) => (each === value ? !before.includes(value) : before.includes(each)));
    onChange(next.length === 0 || next.length === all.length ? null : next);
  };
  const [open, setOpen] = useState(false);
  const trigger = useRef<HTMLButtonElement>(null);
  const words = chosen === null ? any : some(chosen);
  return (
    <>
      <button
        ref={trigger}
        type="button"
        className="sentence-part"
        aria-haspopup="dialog"
        aria-expanded={open}
        aria-label={`${label}: ${words}`}
        onClick={() => setOpen(true)}
      >
        {words}
      </button>
      {open && (
        <Suspense>
          <SubsetPopover
            label={label}
            any={any}
            anchor={trigger}
            rows={all.map((value) => ({
              name: name(value),
              allowed: (chosen ?? all).includes(value),
              toggle: () => toggle(value),
              only: () => onChange([value]),
            }))}
            onAny={chosen === null ? null : () => onChange(null)}
            onClose={() => setOpen(false)}
          />
        </Suspense>
      )}
    </>
  );
}
