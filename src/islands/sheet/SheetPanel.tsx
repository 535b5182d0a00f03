import { useId } from 'react';
import { ORIENTATIONS, PAPER_NAMES } from '#core/paper';
import { isOnSheet, PRINT_SIZES, READY_SHEETS, readySheet, readySheetOf, type SheetPart } from '#core/paper/choices';
import { Button } from '../../ui/Button.tsx';
import { CheckField, LabelledChoice, TextField } from '../../ui/fields/index.ts';
import { ORIENTATION_LABELS, PRINT_SIZE_LABELS, READY_SHEET_LABELS, SHEET_PART_LABELS } from '../../words/paper/sheet.ts';
import { CodeChoice } from './CodeChoice.tsx';
import { keepForPlayer, keepForSchool, type SheetAtHand } from './use-sheet.ts';
import { VariantChoice } from '../paper/index.ts';

/** The parts of a sheet as they are chosen: those of the music, and those that stand below it. */
const GROUPS: readonly { readonly heading: string; readonly parts: readonly SheetPart[] }[] = [
  { heading: 'Music', parts: ['staff', 'strings', 'positions', 'inBetween', 'letters', 'remarks'] },
  { heading: 'Under the staff', parts: ['steps', 'fingers', 'bow', 'path'] },
  { heading: 'Beside the music', parts: ['aim', 'names', 'shifts', 'patterns', 'distances', 'landmarks', 'checks', 'hotSpots', 'tempi'] },
];

/** Chooses what stands on a sheet and how it is printed; it is kept with the piece. */
export function SheetPanel({ sheet }: { readonly sheet: SheetAtHand }) {
  const { choices, choose } = sheet;
  const ready = readySheetOf(choices);
  const set = (part: SheetPart, on: boolean): void => choose({ parts: { ...choices.parts, [part]: on } });
  return (
    <div className="grid gap-y-4 text-[15px]">
      <div role="group" aria-label="Ready choices" className="flex flex-wrap gap-1.5">
        {READY_SHEETS.map((name) => (
          <Button key={name} aria-pressed={ready === name} onClick={() => choose(readySheet(name, choices))}>
            {READY_SHEET_LABELS[name]}
          </Button>
        ))}
      </div>
      <div className="flex flex-wrap gap-3">
        <LabelledChoice
          label="Paper"
          value={choices.paper ?? 'A4'}
          among={PAPER_NAMES}
          nameOf={(name) => name}
          onChoose={(paper) => choose({ paper })}
        />
        <LabelledChoice
          label="Page"
          value={choices.orientation ?? 'portrait'}
          among={ORIENTATIONS}
          nameOf={(name) => ORIENTATION_LABELS[name]}
          onChoose={(orientation) => choose({ orientation })}
        />
        <LabelledChoice
          label="Print"
          value={choices.size ?? 'usual'}
          among={PRINT_SIZES}
          nameOf={(name) => PRINT_SIZE_LABELS[name]}
          onChoose={(size) => choose({ size })}
        />
      </div>
      {GROUPS.map(({ heading, parts }) => (
        <fieldset key={heading}>
          <legend className="font-semibold">{heading}</legend>
          {parts.map((part) => (
            <CheckField key={part} label={SHEET_PART_LABELS[part]} checked={isOnSheet(part, choices)} onChange={(on) => set(part, on)} />
          ))}
        </fieldset>
      ))}
      {isOnSheet('aim', choices) && <AimField sheet={sheet} />}
      <VariantChoice choices={sheet.choices} onChoose={sheet.choose} />
      <CodeChoice sheet={sheet} />
      <KeepAsUsual sheet={sheet} />
    </div>
  );
}

/** Types the aim; without one the sheet has a line to write it on. */
function AimField({ sheet: { choices, choose, leave } }: { readonly sheet: SheetAtHand }) {
  const id = useId();
  return (
    <div>
      <label htmlFor={id} className="block text-dove-dark">
        Aim (empty: a line to write it on)
      </label>
      <TextField
        id={id}
        className="w-full"
        maxLength={300}
        defaultValue={choices.aim ?? ''}
        onChange={(event) => leave({ aim: event.target.value })}
        onBlur={(event) => event.target.value !== (choices.aim ?? '') && choose({ aim: event.target.value })}
      />
    </div>
  );
}

/** Keeps the choices as the usual ones, of the player or of the school. */
function KeepAsUsual({ sheet: { choices, player, school } }: { readonly sheet: SheetAtHand }) {
  const { aim: _, variants: __, ...usual } = choices;
  if (!player && !school) return null;
  return (
    <fieldset>
      <legend className="font-semibold">Keep these choices</legend>
      <div className="mt-1 flex flex-wrap gap-1.5">
        {player && <Button onClick={() => void keepForPlayer(player, usual)}>For {player.document.name}</Button>}
        {school && <Button onClick={() => void keepForSchool(school, usual)}>For {school.document.name}</Button>}
      </div>
    </fieldset>
  );
}
