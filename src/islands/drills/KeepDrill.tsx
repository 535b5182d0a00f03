import { useState } from 'react';
import { wordsBesideHead } from '../../state/keeping/index.ts';
import { type DrillToKeep, keepDrill } from '../../state/drills/index.ts';
import { Button, ButtonLink } from '../../ui/Button.tsx';
import { NOT_ANSWERED } from '../../words/notices.ts';
import { PUT_IN_WORDS } from '../../words/practice/put-in.ts';

/** The addresses at which a kept piece is put in. */
const PUT_IN = { session: '/practise', week: '/practise/week' } as const;

/** Keeps a drill as a piece, with what it was written for, and leads to it; or puts it in the session or the week, as a piece, too. */
export function KeepDrill(drill: DrillToKeep) {
  const [kept, setKept] = useState<{ readonly id: string } | { readonly trouble: string | null } | null>(null);
  const [busy, setBusy] = useState(false);
  const keep = async (then: (id: string) => void): Promise<void> => {
    setBusy(true);
    await keepDrill(drill).then(
      ({ id }) => then(id),
      (error: unknown) => setKept({ trouble: wordsBesideHead(error, NOT_ANSWERED) }),
    );
    setBusy(false);
  };
  if (kept && 'id' in kept) {
    return (
      <>
        <span role="status">Kept as a piece.</span>
        <ButtonLink href={`/?piece=${kept.id}`}>Open it on the bench</ButtonLink>
        <ButtonLink href={`/sheet?piece=${kept.id}`}>Its sheet</ButtonLink>
        {(['session', 'week'] as const).map((place) => (
          <ButtonLink key={place} href={`${PUT_IN[place]}?add=${kept.id}`}>
            {PUT_IN_WORDS[place]}
          </ButtonLink>
        ))}
      </>
    );
  }
  return (
    <>
      <Button disabled={busy} onClick={() => void keep((id) => setKept({ id }))}>
        Keep it as a piece
      </Button>
      {(['session', 'week'] as const).map((place) => (
        <Button key={place} disabled={busy} onClick={() => void keep((id) => location.assign(`${PUT_IN[place]}?add=${id}`))}>
          {PUT_IN_WORDS[place]}
        </Button>
      ))}
      {kept !== null && kept.trouble !== null && <span role="alert">{kept.trouble}</span>}
    </>
  );
}
