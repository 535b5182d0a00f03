import { useEffect, useState } from 'react';
import { sideOf } from '#core/brief/parts/school';
import { listText } from '#core/messages';
import { changedByRule, dropRule, ENOUGH, type Rule, type RuleChanges, ruleStore, settleRule } from '../../state/school/index.ts';
import { Button } from '../../ui/Button.tsx';
import { Notice } from '../../ui/states/index.ts';

/**
 * Offers, after the third correction of a kind, to make it the school's rule, and shows what that would change. Once made, it can be taken
 * back.
 */
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
          <Button onClick={dropRule}>OK</Button>
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
        {changes === null ? 'Working out what a rule would change …' : changesText(changes)}
      </p>
      <Button onClick={() => void settleRule()}>Make it a rule</Button>
      <Button onClick={dropRule}>No</Button>
    </>
  );
}

function changesText({ school, pieces }: RuleChanges): string {
  const rule = `As a rule of ${school} it would change`;
  return pieces.length === 0 ? `${rule} no piece you have now.` : `${rule} ${listText(pieces)}.`;
}

/** Finds the pieces whose fingering the rule would change; null while they are being planned. */
function useChanges({ question, side }: Rule): RuleChanges | null {
  const [changes, setChanges] = useState<RuleChanges | null>(null);
  useEffect(() => {
    const asking = new AbortController();
    void changedByRule({ question, side }, asking.signal)
      .then(setChanges)
      .catch(() => undefined);
    return () => asking.abort();
  }, [question, side]);
  return changes;
}
