import { DIRECTION_LABELS, OCTAVE_LABELS } from '#core/brief/parts/materials';
import { SOUNDINGS } from '#core/class-score';
import { DIRECTIONS } from '#core/material/scale';
import { PAPER_NAMES } from '#core/paper';
import { PRINT_SIZES } from '#core/paper/choices';
import { ALL_KEYS, MINOR_FORMS } from '#core/scale-book';
import type { PieceRecord } from '../../records/record.ts';
import { CLASS_KINDS, CLASS_OCTAVES, CLASS_TEMPI, CLASS_VALUES, type ClassChoices } from '../../state/paper/index.ts';
import { LabelledChoice } from '../../ui/fields/index.ts';
import { NOTE_VALUE_LABELS } from '../../words/line/note-lengths.ts';
import { BOOK_KIND_LABELS, bookKeyText, MINOR_FORM_LABELS, SCALE_BOOK } from '../../words/paper/binding.ts';
import { CLASS_SCORE, SOUNDING_LABELS } from '../../words/paper/class-score.ts';
import { PRINT_SIZE_LABELS } from '../../words/paper/sheet.ts';
import { pieceTitle } from '../../words/piece/pieces.ts';

interface LineChoicesProps {
  readonly choices: ClassChoices;
  readonly pieces: readonly PieceRecord[];
  readonly onChoose: (change: Partial<ClassChoices>) => void;
}

/** Chooses the line of a class, how it sounds together, and the print. */
export function LineChoices({ choices, pieces, onChoose }: LineChoicesProps) {
  const { from, sounding, paper, size } = choices;
  return (
    <fieldset>
      <legend className="font-semibold">{CLASS_SCORE.line}</legend>
      <div className="flex flex-wrap gap-x-5 py-1">
        <FromChoice name={CLASS_SCORE.ofKey} on={from === 'key'} onChoose={() => onChoose({ from: 'key' })} />
        <FromChoice
          name={CLASS_SCORE.ofPiece}
          on={from === 'piece'}
          onChoose={() => onChoose({ from: 'piece', ...firstOf(pieces, choices) })}
        />
      </div>
      <div className="flex flex-wrap gap-3">
        {from === 'key' ? (
          <KeyLine choices={choices} onChoose={onChoose} />
        ) : (
          pieces.length > 0 && (
            <LabelledChoice
              label={CLASS_SCORE.piece}
              value={choices.pieceId}
              among={pieces.map(({ id }) => id)}
              nameOf={(id) => titleOf(pieces, id)}
              onChoose={(pieceId) => onChoose({ pieceId })}
            />
          )
        )}
      </div>
      <div className="mt-3 flex flex-wrap gap-3">
        <LabelledChoice
          label={CLASS_SCORE.sounding}
          value={sounding}
          among={SOUNDINGS}
          nameOf={(choice) => SOUNDING_LABELS[choice]}
          onChoose={(next) => onChoose({ sounding: next })}
        />
        <LabelledChoice
          label={SCALE_BOOK.paper}
          value={paper}
          among={PAPER_NAMES}
          nameOf={(name) => name}
          onChoose={(next) => onChoose({ paper: next })}
        />
        <LabelledChoice
          label={SCALE_BOOK.size}
          value={size}
          among={PRINT_SIZES}
          nameOf={(choice) => PRINT_SIZE_LABELS[choice]}
          onChoose={(next) => onChoose({ size: next })}
        />
      </div>
    </fieldset>
  );
}

/** Gives the piece with which the choice of pieces opens: the one chosen before, else the first. */
function firstOf(pieces: readonly PieceRecord[], { pieceId }: ClassChoices): Pick<ClassChoices, 'pieceId'> {
  return { pieceId: pieces.some(({ id }) => id === pieceId) ? pieceId : (pieces[0]?.id ?? '') };
}

function titleOf(pieces: readonly PieceRecord[], id: string): string {
  const piece = pieces.find((choice) => choice.id === id);
  return piece ? pieceTitle(piece.document) : '';
}

function FromChoice({ name, on, onChoose }: { readonly name: string; readonly on: boolean; readonly onChoose: () => void }) {
  return (
    <label className="flex min-h-6 items-center gap-2">
      <input type="radio" name="class-line" className="size-4 accent-ink" checked={on} onChange={onChoose} />
      <span>{name}</span>
    </label>
  );
}

function KeyLine({ choices, onChoose }: Omit<LineChoicesProps, 'pieces'>) {
  const { key, kind, octaves, direction, minor, noteValue, tempo } = choices;
  return (
    <>
      <LabelledChoice
        label={CLASS_SCORE.key}
        value={key}
        among={ALL_KEYS}
        nameOf={bookKeyText}
        onChoose={(next) => onChoose({ key: next })}
      />
      <LabelledChoice
        label={CLASS_SCORE.kind}
        value={kind}
        among={CLASS_KINDS}
        nameOf={(choice) => BOOK_KIND_LABELS[choice]}
        onChoose={(next) => onChoose({ kind: next })}
      />
      <LabelledChoice
        label={SCALE_BOOK.octaves}
        value={octaves}
        among={CLASS_OCTAVES}
        nameOf={(choice) => OCTAVE_LABELS[choice]}
        onChoose={(next) => onChoose({ octaves: next })}
      />
      <LabelledChoice
        label={SCALE_BOOK.direction}
        value={direction}
        among={DIRECTIONS}
        nameOf={(choice) => DIRECTION_LABELS[choice]}
        onChoose={(next) => onChoose({ direction: next })}
      />
      {key.endsWith('minor') && (
        <LabelledChoice
          label={SCALE_BOOK.minor}
          value={minor}
          among={MINOR_FORMS}
          nameOf={(choice) => MINOR_FORM_LABELS[choice]}
          onChoose={(next) => onChoose({ minor: next })}
        />
      )}
      <LabelledChoice
        label={CLASS_SCORE.noteValue}
        value={noteValue}
        among={CLASS_VALUES}
        nameOf={(choice) => NOTE_VALUE_LABELS[choice] ?? choice}
        onChoose={(next) => onChoose({ noteValue: next })}
      />
      <LabelledChoice
        label={CLASS_SCORE.tempo}
        value={tempo}
        among={CLASS_TEMPI}
        nameOf={String}
        onChoose={(next) => onChoose({ tempo: next })}
      />
    </>
  );
}
