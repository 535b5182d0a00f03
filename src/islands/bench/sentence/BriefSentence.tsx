import { lazy } from 'react';
import { Part } from '../../../ui/states/index.ts';
import { withMaterialKind } from '#core/brief/edits';
import { type Material, MATERIAL_KINDS, materialPart } from '#core/brief/parts/materials';
import { changeBrief, writeOutLine } from '../../../state/edits/index.ts';
import { foldSentence, useSentence } from '../../../state/sentence.ts';
import { useWork } from '../../../state/bench/index.ts';
import { OptionChoice } from '../../../ui/fields/index.ts';
import { CHORD_LINES } from '../../../words/line/chords.ts';
import { LimitsPart } from './LimitsPart.tsx';
import { LineText } from './line/LineText.tsx';
import { MaterialPart } from './MaterialPart.tsx';
import { PieceNameField } from './PieceNameField.tsx';
import { PlayerPart } from './PlayerPart.tsx';
import { RhythmPart } from './RhythmPart.tsx';
import { PurposePart, WishesPart } from './WishesPart.tsx';

/** Typing a line needs the code that reads it; until that is there the line stands as it is. */
const LineField = lazy(async () => ({ default: (await import('./line/LineField.tsx')).LineField }));

/** The kinds of material; chords of the key are found for the hand, and written as a line. */
const KINDS = [
  ...MATERIAL_KINDS.map((kind) => ({ value: kind, name: materialPart(kind).name.noun })),
  ...Object.entries(CHORD_LINES).map(([value, name]) => ({ value, name })),
];

/** The code that finds the chords comes when they are asked for. */
async function writeChords(played: 'rolled' | 'held'): Promise<void> {
  await (await import('../../../state/edits/chords.ts')).writeChords(played);
}

/** Shows the brief as one sentence: every underlined part is a control, and changing one plans again. */
export function BriefSentence() {
  const brief = useWork((work) => work.brief);
  const lineText = useWork((work) => work.lineText);
  const pieceId = useWork((work) => work.pieceId);
  // A line of one's own begins with the notes that stood there, unless one was typed before.
  const setKind = (kind: Material['kind']): void =>
    kind === 'line' && lineText.trim() === '' ? writeOutLine() : changeBrief((now) => withMaterialKind(now, kind, lineText));
  const choose = (chosen: string): void => {
    const kind = MATERIAL_KINDS.find((kind) => kind === chosen);
    if (kind) setKind(kind);
    else void writeChords(chosen === 'held' ? 'held' : 'rolled');
  };
  const { article, lead } = materialPart(brief.material.kind).name;
  return (
    <section aria-label="Brief">
      <p data-sentence className="font-serif text-[17px] leading-[1.7] sm:text-[19px] sm:leading-[1.75]">
        {pieceId !== null && (
          <>
            <PieceNameField /> <span className="text-dove"> · </span>
          </>
        )}
        {article} <OptionChoice label="Material" value={brief.material.kind} options={KINDS} onChange={choose} /> {lead}{' '}
        <MaterialPart brief={brief} />
        <RhythmPart brief={brief} />
        <PlayerPart brief={brief} />
        <LimitsPart brief={brief} />
        <PurposePart brief={brief} />
        <WishesPart brief={brief} />. <MoreOrLess />
      </p>
      {brief.material.kind === 'line' && (
        <Part fallback={<LineText text={lineText} bass={brief.instrument.kind === 'bass'} />}>
          <LineField text={lineText} kind={brief.instrument.kind} />
        </Part>
      )}
    </section>
  );
}

/** Shows or hides positions, strings, fingers, open strings, purpose and preferences, which are at their usual value most of the time. */
function MoreOrLess() {
  const whole = useSentence((sentence) => sentence.whole);
  return (
    <button
      type="button"
      aria-expanded={whole}
      aria-label={whole ? 'Fewer parts of the brief' : 'More parts of the brief'}
      title={whole ? 'Hide what is at its usual value' : 'Positions, strings, fingers, open strings, purpose, preferences'}
      className="no-print rounded-[5px] border border-dove-light px-2 font-sans text-[14px] text-dove-dark pointed:bg-paper-deep"
      onClick={() => foldSentence(whole)}
    >
      {whole ? 'less' : 'more'}
    </button>
  );
}
