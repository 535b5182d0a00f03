import { useEffect, useMemo, useState } from 'react';
import { type ClassPart, type ClassScore, sharedStaffs } from '#core/class-score';
import { NOTHING_KNOWN } from '#core/drill/hot-spots';
import { downloadBlob, downloadText, fileNameOf, musicXmlScoreText } from '../../files/index.ts';
import { paper, sheetPdf, type SheetContent } from '../../printing/index.ts';
import type { ClassChoices } from '../../state/paper/index.ts';
import { say } from '../../state/notices.ts';
import { Button } from '../../ui/Button.tsx';
import { Heading } from '../../ui/Heading.tsx';
import { Download } from '../../ui/icons.ts';
import { Notice } from '../../ui/states/index.ts';
import { Table, TableHead } from '../../ui/Table.tsx';
import { CLASS_SCORE, classAbout, classRows, classTold, memberName, staffName } from '../../words/paper/class-score.ts';
import { SAVE_FAILED } from '../../words/paper/sheet.ts';
import { BindingProgress, BoundView, type PartToBind, type ToBind, useBinding } from '../binding/index.ts';
import type { Candidate } from './class-of-choices.ts';
import type { ScoreMade } from './use-class-score.ts';

interface MadeScoreProps {
  readonly made: ScoreMade;
  readonly candidates: readonly Candidate[];
  readonly choices: Pick<ClassChoices, 'paper' | 'size'>;
}

/** Shows a class score that is made: who plays what, its pages with the sheets, and its files. */
export function MadeScore({ made, candidates, choices: { paper: on, size } }: MadeScoreProps) {
  const { score, asked } = made;
  const binding = useBinding();
  const { begin } = binding;
  const document = useMemo(() => toBind(made, candidates, { paper: on, size }), [made, candidates, on, size]);
  const hasParts = score.parts.length > 0;
  useEffect(() => {
    if (hasParts) begin(document);
  }, [begin, document, hasParts]);
  if (!hasParts) return <Notice>{CLASS_SCORE.nobody}</Notice>;
  return (
    <>
      <section className="no-print">
        <Heading>{asked.title}</Heading>
        <p>{classAbout(score, asked.sounding)}</p>
        {classTold(score).map((text) => (
          <p key={text}>{text}</p>
        ))}
        <PartsTable made={made} candidates={candidates} />
        <p className="mt-3 flex flex-wrap items-center gap-2">
          <Button onClick={() => saveXml(asked.title, score)}>
            <Download size={15} aria-hidden="true" /> {CLASS_SCORE.saveXml}
          </Button>
          <Button onClick={() => void saveMidi(asked.title, score)}>
            <Download size={15} aria-hidden="true" /> {CLASS_SCORE.saveMidi}
          </Button>
          <span className="text-dove-dark">{CLASS_SCORE.printed}</span>
        </p>
      </section>
      <BindingProgress now={binding} onStop={binding.stop} onGoOn={() => begin(document)} />
      {binding.bound && <BoundView bound={binding.bound} edition={binding.edition} />}
    </>
  );
}

function PartsTable({ made: { score, asked }, candidates }: Omit<MadeScoreProps, 'choices'>) {
  const [head = [], ...rows] = classRows(score);
  return (
    <Table className="mt-3">
      <TableHead columns={[...head, CLASS_SCORE.sheet]} />
      <tbody>
        {rows.map((cells, order) => {
          const part = score.parts[order];
          return part ? (
            <tr key={part.member.id}>
              {cells.map((cell, column) => (
                <td key={head[column]}>{cell}</td>
              ))}
              <td>
                <SaveSheet part={part} content={sheetOf(part, asked.title, candidates)} />
              </td>
            </tr>
          ) : null;
        })}
      </tbody>
    </Table>
  );
}

function SaveSheet({ part, content }: { readonly part: ClassPart; readonly content: SheetContent }) {
  const [saving, setSaving] = useState(false);
  const name = memberName(part);
  const save = async (): Promise<void> => {
    setSaving(true);
    await paper()
      .sheet(content)
      .then(sheetPdf)
      .then((pdf) => downloadBlob(fileNameOf(`${content.title}, ${name}`, 'pdf'), pdf))
      .catch(() => say(SAVE_FAILED));
    setSaving(false);
  };
  return (
    <Button disabled={saving} aria-label={`Save the sheet of ${name} as PDF`} onClick={() => void save()}>
      <Download size={15} aria-hidden="true" /> PDF
    </Button>
  );
}

/** Gives the content of a player's own sheet, by the choices for this player. */
function sheetOf({ plan, member }: ClassPart, title: string, candidates: readonly Candidate[]): SheetContent {
  const choices = candidates.find(({ id }) => id === member.id)?.sheet ?? {};
  return { title, plan, choices, known: NOTHING_KNOWN, code: null };
}

/** Makes the document of a class: the score, then the sheet of each player. */
function toBind({ score, asked }: ScoreMade, candidates: readonly Candidate[], choices: ToBind['choices']): ToBind {
  const { title } = asked;
  const staffs = sharedStaffs(score.parts).flatMap((parts) => {
    const [first] = parts;
    return first ? [{ name: staffName(parts), plan: first.plan }] : [];
  });
  const content = {
    title,
    about: classAbout(score, asked.sounding),
    staffs,
    told: classTold(score),
    rows: classRows(score),
    choices,
  };
  const ofScore: PartToBind = {
    key: JSON.stringify(['class score', content]),
    title: CLASS_SCORE.score,
    set: async (key) => {
      await paper().setScore(key, content);
      return [];
    },
  };
  const sheets = score.parts.map((part): PartToBind => {
    const sheet = { ...sheetOf(part, title, candidates), title: `${title}, ${memberName(part)}` };
    return {
      key: JSON.stringify([sheet.title, sheet.plan.brief, sheet.choices]),
      title: memberName(part),
      set: async (key) => {
        await paper().setSheet(key, sheet);
        return [];
      },
    };
  });
  return { title, about: [], choices, contents: false, parts: [ofScore, ...sheets] };
}

function saveXml(title: string, { parts }: ClassScore): void {
  const named = parts.map((part) => ({ name: staffName([part]), plan: part.plan }));
  downloadText(fileNameOf(title, 'musicxml'), 'application/xml', musicXmlScoreText(title, named));
}

async function saveMidi(title: string, { parts }: ClassScore): Promise<void> {
  const [{ toMidiScore }, { midiBytes }] = await Promise.all([import('#core/format/midi'), import('../../files/midi.ts')]);
  const named = parts.map((part) => ({ name: staffName([part]), plan: part.plan }));
  downloadBlob(fileNameOf(title, 'mid'), new Blob([midiBytes(toMidiScore(named)).slice()], { type: 'audio/midi' }));
}
