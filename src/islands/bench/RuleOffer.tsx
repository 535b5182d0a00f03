import { useEffect, useState } from 'react';
import { withSchool } from '#core/brief/edits';
import { sideOf, withAnswer } from '#core/brief/parts/school';
import type { Brief } from '#core/brief';
import { listed } from '#core/messages';
import { engine } from '../../engine/client.ts';
import { dropRule, type Rule, ruleStore, settleRule } from '../../state/corrections.ts';
import { schoolOfPiece } from '../../state/school-actions.ts';
import { workStore } from '../../state/work.ts';
import { ENOUGH } from '../../storage/corrections.ts';
import type { SchoolRecord } from '../../storage/database.ts';
import { schoolOf } from '../../storage/for-briefs.ts';
import { piecesUsing } from '../../storage/studio.ts';
import { Button } from '../../ui/Button.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { materialLabel } from '../../words/labels.ts';

/** After the third correction of a kind: whether it is to be the school's rule, and what that would change. Once made, it can be taken back. */
export function RuleOffer() {
  const rule = ruleStore(({ rule: now }) => now);
  if (rule === null) return null;
  const { label } = sideOf(rule.question, rule.side);
  return (
    <Notice label="A rule of the school" className="mt-2 flex items-start gap-3">
      {rule.state === 'offered' ? (
        <Offered rule={rule} label={label} />
      ) : (
        <>
          <p className="grow">
            <strong>
              {rule.school} now teaches {label}.
            </strong>
          </p>
          <Button onClick={() => void settleRule()}>Undo</Button>
          <Button onClick={dropRule}>Good</Button>
        </>
      )}
    </Notice>
  );
}

function Offered({ rule, label }: { readonly rule: Rule; readonly label: string }) {
  const changes = useChanges(rule);
  return (
    <>
      <p className="grow">
        <strong>
          You have chosen {label} {ENOUGH} times.
        </strong>{' '}
        {changes === null ? 'Looking at what a rule would change …' : changesText(changes)}
      </p>
      <Button onClick={() => void settleRule()}>Make it a rule</Button>
      <Button onClick={dropRule}>No</Button>
    </>
  );
}

interface Changes {
  readonly school: string;
  readonly pieces: readonly string[];
}

function changesText({ school, pieces }: Changes): string {
  const rule = `As a rule of ${school} it would change`;
  return pieces.length === 0 ? `${rule} no piece you have now.` : `${rule} ${listed(pieces)}.`;
}

/** The pieces whose fingering the rule would change; null while they are being planned. */
function useChanges({ question, side }: Rule): Changes | null {
  const [changes, setChanges] = useState<Changes | null>(null);
  useEffect(() => {
    const asking = new AbortController();
    void changedBy(question, side, asking.signal)
      .then(setChanges)
      .catch(() => undefined);
    return () => asking.abort();
  }, [question, side]);
  return changes;
}

async function changedBy(question: Rule['question'], side: string, signal: AbortSignal): Promise<Changes> {
  const record = await schoolOfPiece();
  const ruled = (brief: Brief): Brief => {
    const school = schoolOf(record.document);
    return withSchool(brief, { ...school, ways: withAnswer(school.ways ?? {}, question, side) });
  };
  const { pieceId, name, brief: onBench } = workStore.getState();
  const others = (await piecesUsing('schoolId', record.id)).filter(({ id }) => id !== pieceId);
  const pieces = [{ name, brief: onBench }, ...others.map(({ document }) => ({ name: document.name, brief: document.brief }))];
  const changed: string[] = [];
  for (const piece of pieces) {
    const after = ruled(piece.brief);
    const what = await engine.ask(after, { kind: 'what-changed', before: piece.brief }, { signal });
    if (what?.kind === 'planned' && what.otherwise.length > 0) changed.push(piece.name || materialLabel(piece.brief));
  }
  return { school: nameOf(record), pieces: changed };
}

function nameOf({ document }: SchoolRecord): string {
  return document.name || 'the school';
}
