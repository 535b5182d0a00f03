import type { Brief } from '#core/brief';
import { KEYS_OFFERED } from '#core/brief/edits';
import { type SignatureEdit, withSignatureFrom } from '#core/brief/lines';
import type { SignatureChange } from '#core/material/signature';
import { METERS } from '#core/rhythm';
import { changeBrief } from '../../../state/edits/index.ts';
import { Choice } from '../../../ui/fields/index.ts';
import { AS_BEFORE, fromMeasure, keyChoiceLabel, meterChoiceLabel } from '../../../words/line/signature.ts';
import { useTold } from './use-told.ts';

/** Shows where a line of the teacher's own changes its key or meter. */
export function ChangesPart({ brief: { material } }: { readonly brief: Brief }) {
  if (material.kind !== 'line') return null;
  return (
    <>
      {material.changes?.map((change) => (
        <ChangeOnTheWay key={change.measure} change={change} />
      ))}
    </>
  );
}

/** Shows another key or meter from a measure on; one that stays is shown with the whole sentence, so that it can be changed there. */
function ChangeOnTheWay({ change: { measure, ...changed } }: { readonly change: SignatureChange }) {
  const [key, meter]: readonly [string, string] = [changed.key ?? AS_BEFORE, changed.meter ?? AS_BEFORE];
  const whole = useTold(true);
  const change = (edit: SignatureEdit): void => changeBrief((now) => withSignatureFrom(now, measure, edit));
  return (
    <>
      {fromMeasure(measure)}{' '}
      {(whole || key !== AS_BEFORE) && (
        <Choice
          label={`Key from measure ${measure}`}
          value={key}
          values={[AS_BEFORE, ...KEYS_OFFERED]}
          name={keyChoiceLabel}
          onChange={(next) => change({ key: next || null })}
        />
      )}
      {(whole || (key !== AS_BEFORE && meter !== AS_BEFORE)) && ' and '}
      {(whole || meter !== AS_BEFORE) && (
        <Choice
          label={`Meter from measure ${measure}`}
          value={meter}
          values={[AS_BEFORE, ...METERS]}
          name={meterChoiceLabel}
          onChange={(next) => change({ meter: METERS.find((meter) => meter === next) ?? null })}
        />
      )}
      ,{' '}
    </>
  );
}
