import { lazy, useState } from 'react';
import type { Brief } from '#core/brief';
import { suggestedWord } from '#core/material/typed';
import type { Issue } from '#core/messages';
import { usePlanning } from '../../../../state/planning.ts';
import { isMarkup } from '../../../../files/foreign/index.ts';
import { typeLine } from '../../../../state/edits/index.ts';
import { Button } from '../../../../ui/Button.tsx';
import { Part } from '../../../../ui/states/index.ts';
import { ENTERING } from '../../../../words/line/entering.ts';
import { insteadText, TYPED_FORM_TITLE } from '../../../../words/line/typed-form.ts';
import { LineText } from './LineText.tsx';

const TypedFormDialog = lazy(async () => ({ default: (await import('./TypedFormDialog.tsx')).TypedFormDialog }));
const EnterNotes = lazy(async () => ({ default: (await import('./EnterNotes.tsx')).EnterNotes }));

/** The field of the teacher's own line: the part that reads is planned as it is typed, or entered in another way. */
export function LineField({ text, kind }: { readonly text: string; readonly kind: Brief['instrument']['kind'] }) {
  const [open, setOpen] = useState<'nothing' | 'entering' | 'form'>('nothing');
  const issues = usePlanning((planning) => planning.issues);
  const close = (): void => setOpen('nothing');
  return (
    <>
      <LineText text={text} bass={kind === 'bass'} issues={issues} onType={typeLine} onPasteScore={pasteScore} />
      {open === 'entering' ? (
        <Part>
          <EnterNotes kind={kind} onClose={close} />
        </Part>
      ) : (
        <p className="mt-1 flex flex-wrap items-center gap-2">
          <Button onClick={() => setOpen('entering')}>{ENTERING.title}</Button>
          <Button onClick={() => setOpen('form')}>{TYPED_FORM_TITLE}</Button>
          <Suggestion text={text} issues={issues} />
        </p>
      )}
      {open === 'form' && (
        <Part>
          <TypedFormDialog bass={kind === 'bass'} onClose={close} />
        </Part>
      )}
    </>
  );
}

/** Takes pasted MusicXML as a score instead of typed notes. */
function pasteScore(text: string): boolean {
  if (!isMarkup(text)) return false;
  void import('./pasted-score.ts').then(({ takePastedScore }) => takePastedScore(text));
  return true;
}

/** Suggests the likely meaning of the first word that does not read, one step from being written. */
function Suggestion({ text, issues }: { readonly text: string; readonly issues: readonly Issue[] }) {
  const place = issues.flatMap(({ where }) => where.text ?? [])[0];
  if (!place) return null;
  const octave = Number(/[0-9](?=[^0-9]*$)/.exec(text.slice(0, place.from).replaceAll(/:[0-9/.t]+/g, ''))?.[0] ?? 4);
  const suggestion = suggestedWord(text.slice(place.from, place.to), octave);
  if (suggestion === null) return null;
  return (
    <Button onClick={() => typeLine(`${text.slice(0, place.from)}${suggestion}${text.slice(place.to)}`)}>{insteadText(suggestion)}</Button>
  );
}
