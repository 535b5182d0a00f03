import { useMemo, useState } from 'react';
import { cautionsOf } from '#core/fit';
import { type FingeredAgain, type FittingSizes, growHand, handOfPlan, fitOf, type Fit, onSize, type StayFit } from '#core/fit/sizes';
import { instrumentOf } from '#core/fit/intoned';
import { HAND_PRESETS, type HandPreset, type PlayerHand, presetHand } from '#core/hand/reach';
import { defaultSize, SIZES } from '#core/instrument';
import { listText, positionWords } from '#core/messages';
import type { Plan } from '#core/plan/describe';
import { answerOf, type Asked, useEngine } from '../../engine/index.ts';
import { Choice } from '../../ui/fields/index.ts';
import { Figure } from '../../ui/Figure.tsx';
import { Heading } from '../../ui/Heading.tsx';
import { Table } from '../../ui/Table.tsx';
import { HAND_LABELS, REACH_LABELS } from '../../words/hand/hands.ts';
import { sizeLabel } from '../../words/studio/instruments.ts';
import { cautionText } from '../../words/cautions.ts';
import { mmText } from '../../words/plan-words.ts';
import { handLine, handRemarks } from '../../words/studio/setup.ts';

/** Shows the demand of this fingering on the hand, stay by stay, and the same on another size or for another hand beside it. */
export function ReachPart({ plan }: { readonly plan: Plan }) {
  const { hand, assumed } = useMemo(() => handOfPlan(plan), [plan]);
  const instrument = useMemo(() => instrumentOf(plan), [plan]);
  const ownSize = plan.brief.instrument.size ?? defaultSize(instrument.kind);
  const [size, setSize] = useState(ownSize);
  const [other, setOther] = useState<OtherHand>('same');
  const [growth, setGrowth] = useState(5);
  const sameSize = size === ownSize;
  const otherInstrument = sameSize ? instrument : (onSize(plan, size) ?? instrument);
  const otherHand = growHand(other === 'same' ? hand : presetHand(other, instrument), growth);
  const now = fitOf(plan, hand, instrument);
  const then = fitOf(plan, otherHand, otherInstrument);
  const again = useEngine(plan.brief, { kind: 'what-if', hand: otherHand, size: sameSize ? null : size });
  const caution = cautionText(cautionsOf(plan));
  const remarks = handRemarks(plan.brief.player?.hand ?? {}, new Date());
  return (
    <section aria-label="Reach">
      <HandCompared hand={hand} assumed={assumed} />
      {remarks.length > 0 && <p className="text-[15px] text-dove-dark">{remarks.join(' ')}</p>}
      <p className="mt-2 font-serif text-[17px]">
        What if it were <Choice label="Other hand" value={other} values={OTHER_HANDS} name={otherHandText} onChange={setOther} />, grown by{' '}
        <Choice label="Growth" value={String(growth)} values={GROWTHS} name={(mm) => `${mm} mm`} onChange={(mm) => setGrowth(Number(mm))} />
        , on a{' '}
        <Choice
          label="Other size"
          value={size}
          values={SIZES[instrument.kind].map((entry) => entry.size)}
          name={(value) => `${sizeLabel(value)} instrument`}
          onChange={setSize}
        />
        ?
      </p>
      <StayTable now={now} then={then} />
      <Totals plan={plan} now={now} then={then} again={again} />
      <Sizes plan={plan} hand={hand} />
      {caution !== null && <p className="mt-3 max-w-4xl text-sm text-dove-dark">{caution}</p>}
    </section>
  );
}

function HandCompared({ hand, assumed }: { readonly hand: PlayerHand; readonly assumed: boolean }) {
  return (
    <p className="mt-3">
      {assumed ? 'No hand is measured: compared with an average one, ' : 'The hand: '}
      {handLine(hand)}.{' '}
      {assumed && (
        <a className="underline" href="/setup">
          Measure it in the Studio.
        </a>
      )}
    </p>
  );
}

type OtherHand = HandPreset | 'same';
const OTHER_HANDS = ['same', ...HAND_PRESETS] as const;
const GROWTHS = ['0', '2', '5', '10', '15', '20'] as const;

function otherHandText(hand: OtherHand): string {
  return hand === 'same' ? 'this hand' : HAND_LABELS[hand];
}

function StayTable({ now, then }: { readonly now: Fit; readonly then: Fit }) {
  const most = Math.max(...[...now.stays, ...then.stays].map((stay) => Math.max(stay.needMm, stay.maxMm)), 1);
  return (
    <Table className="mt-2">
      <caption className="sr-only">What each position asks of the hand, now and in the other case</caption>
      <thead>
        <tr>
          <th scope="col">Notes</th>
          <th scope="col">Position</th>
          <th scope="col">As it is</th>
          <th scope="col">In the other case</th>
        </tr>
      </thead>
      <tbody>
        {now.stays.map((stay, index) => (
          <tr key={stay.stay.from}>
            <td>
              {stay.stay.from + 1}
              {stay.stay.to > stay.stay.from && `–${stay.stay.to + 1}`}
            </td>
            <td>{positionWords(stay.stay.position)}</td>
            <td>
              <FitBar fit={stay} most={most} />
            </td>
            <td>
              <FitBar fit={then.stays[index] ?? stay} most={most} />
            </td>
          </tr>
        ))}
      </tbody>
    </Table>
  );
}

const BAR = 190;

/** Draws the demand as a bar, with two marks: the hand’s comfortable span, and its largest. */
function FitBar({ fit, most }: { readonly fit: StayFit; readonly most: number }) {
  const px = (mm: number): number => (mm / most) * BAR;
  const { needMm, comfortMm, maxMm, verdict } = fit;
  const how = `It asks ${mmText(needMm)} between the outermost fingers; this hand spans ${mmText(comfortMm)} comfortably and ${mmText(maxMm)} at most. ${Math.round((100 * needMm) / maxMm)} % of the largest.`;
  return (
    <span className="flex items-center gap-3">
      <svg width={BAR + 4} height={18} aria-hidden="true" className="shrink-0">
        <rect x={0} y={4} height={10} width={px(Math.min(needMm, comfortMm))} className="fill-dove" />
        {needMm > comfortMm && (
          <rect
            x={px(comfortMm)}
            y={4}
            height={10}
            width={px(needMm - comfortMm)}
            className={verdict === 'beyond' ? 'fill-none stroke-ochre' : 'fill-ochre'}
            strokeDasharray="3 2"
          />
        )}
        <line x1={px(comfortMm)} x2={px(comfortMm)} y1={1} y2={17} className="stroke-ink" />
        <line x1={px(maxMm)} x2={px(maxMm)} y1={1} y2={17} className="stroke-ink" strokeDasharray="2 2" />
      </svg>
      <span className={verdict === 'comfort' ? '' : 'text-ochre'}>
        <Figure how={how}>
          {mmText(needMm)}, {REACH_LABELS[verdict]}
        </Figure>
      </span>
    </span>
  );
}

interface TotalsProps {
  readonly plan: Plan;
  readonly now: Fit;
  readonly then: Fit;
  /** The line fingered for the other case; null where that hand cannot play it. */
  readonly again: Asked<FingeredAgain | null>;
}

function Totals({ plan, now, then, again }: TotalsProps) {
  return (
    <dl className="mt-2 grid max-w-3xl gap-x-4 sm:grid-cols-[auto_1fr] text-[15px]">
      <dt className="text-dove-dark">As it is</dt>
      <dd>{fitText(plan, now)}</dd>
      <dt className="text-dove-dark">The same fingering in the other case</dt>
      <dd>{fitText(plan, then)}</dd>
      <dt className="text-dove-dark">Fingered for the other case</dt>
      <dd>{againText(again)}</dd>
    </dl>
  );
}

function againText(asked: Asked<FingeredAgain | null>): string {
  if (asked.state !== 'answered') return '…';
  const again = asked.value;
  if (again === null) return 'This hand cannot play the line there.';
  const { changes } = again;
  const told =
    changes.length === 0
      ? 'The same fingering.'
      : `${changes.length} ${changes.length === 1 ? 'note is' : 'notes are'} fingered differently.`;
  return `${told} ${fitText(again.plan, again.fit)}`;
}

/** Writes a sentence on the whole: "Of 22 notes, 3 are a stretch and 1 is out of reach." */
function fitText({ notes }: Plan, { stretched, beyond, crowded }: Fit): string {
  const count = (indexes: readonly number[], what: string): string[] =>
    indexes.length === 0 ? [] : [`${indexes.length} ${indexes.length === 1 ? 'is' : 'are'} ${what}`];
  const told = [...count(stretched, 'a stretch'), ...count(beyond, 'out of reach')];
  const reach = told.length === 0 ? `All ${notes.length} notes are comfortable.` : `Of ${notes.length} notes, ${listText(told)}.`;
  return crowded.length === 0 ? reach : `${reach} At ${crowded.length} the next finger has no room beside this one, and one gives way.`;
}

function Sizes({ plan, hand }: { readonly plan: Plan; readonly hand: PlayerHand }) {
  const fitting = answerOf(useEngine(plan.brief, { kind: 'sizes', hand }));
  return (
    <section aria-label="On every size" className="mt-4 min-h-60">
      <Heading>This line on every size</Heading>
      {fitting && (
        <>
          <p className="text-[15px]">{adviceText(fitting)}</p>
          <SizesTable fitting={fitting} />
        </>
      )}
    </section>
  );
}

/** Writes the advice on a size; a few notes do not decide it. */
function adviceText({ largestComfortable, smallestRoomy }: FittingSizes): string {
  if (largestComfortable === null) return 'It is comfortable on no usual size, whatever the fingering.';
  const largest = `Fingered for each size, it is comfortable up to ${sizeLabel(largestComfortable)}, a few notes left out.`;
  const roomy =
    smallestRoomy === null
      ? 'On none of these do all fingers have room side by side.'
      : `Down to ${sizeLabel(smallestRoomy)} the fingers have room side by side, too.`;
  return `${largest} ${roomy}`;
}

function SizesTable({ fitting }: { readonly fitting: FittingSizes }) {
  return (
    <Table className="mt-1">
      <caption className="sr-only">The line on every size of the instrument, fingered for it and as it is fingered now</caption>
      <thead>
        <tr>
          <th scope="col">Size</th>
          <th scope="col">String</th>
          <th scope="col">Fingered for this size</th>
          <th scope="col">Notes a stretch</th>
          <th scope="col">Crowded</th>
          <th scope="col">As it is fingered now</th>
          <th scope="col">Notes a stretch</th>
          <th scope="col">Out of reach</th>
        </tr>
      </thead>
      <tbody>
        {fitting.sizes.map(({ size, stringLengthMm, fit, again }) => (
          <tr key={size}>
            <td>{sizeLabel(size)}</td>
            <td className="whitespace-nowrap">{stringLengthMm} mm</td>
            <td className={again?.fit.verdict === 'comfort' ? '' : 'text-ochre'}>
              {again ? REACH_LABELS[again.fit.verdict] : 'cannot be played'}
            </td>
            <td>{again?.fit.stretched.length ?? ''}</td>
            <td>{again?.fit.crowded.length ?? ''}</td>
            <td className={fit.verdict === 'comfort' ? '' : 'text-ochre'}>{REACH_LABELS[fit.verdict]}</td>
            <td>{fit.stretched.length}</td>
            <td>{fit.beyond.length}</td>
          </tr>
        ))}
      </tbody>
    </Table>
  );
}
