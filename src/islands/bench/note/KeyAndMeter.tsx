import type { Brief } from '#core/brief';
import { KEYS_OFFERED, withLineKey, withRhythm } from '#core/brief/edits';
import { type SignatureEdit, withSignatureFrom, writeOut } from '#core/brief/lines';
import { measureIndexAt, measuresOf } from '#core/material/measures';
import { formatKey } from '#core/key';
import type { Plan } from '#core/plan/describe';
import { meterName, METERS } from '#core/rhythm';
import { ZERO } from '#core/fraction';
import { changeBrief } from '../../../state/edits/index.ts';
import { SelectField } from '../../../ui/fields/index.ts';
import { AS_BEFORE, keyChoiceLabel, meterChoiceLabel } from '../../../words/line/signature.ts';
import { WriteRow } from './WriteRow.tsx';

/** Chooses key and meter from the measure of a note on; of the first measure, those with which the line begins. */
export function KeyAndMeter({ plan: { brief, line }, index }: { readonly plan: Plan; readonly index: number }) {
  const measures = measuresOf(line);
  const order = measureIndexAt(measures, line.notes[index]?.onset ?? ZERO);
  const measure = measures[order];
  if (!measure) return null;
  const begins = order === 0;
  const [key, meter] = begins ? [formatKey(measure.key), meterName(measure.meter) ?? METERS[0]] : signatureAt(brief, measure.number);
  const change = (edit: SignatureEdit): void =>
    changeBrief((now) => (begins ? beginningWith(now, edit) : withSignatureFrom(now, measure.number, edit)));
  const before: readonly (typeof AS_BEFORE)[] = begins ? [] : [AS_BEFORE];
  return (
    <WriteRow name={measure.number === 0 ? 'Pick-up' : `Measure ${measure.number}`}>
      <SelectField
        aria-label="Key from this measure on"
        value={key}
        options={[...before, ...keysWith(key)].map((value) => ({ value, name: keyChoiceLabel(value) }))}
        onChoose={(next) => change({ key: next || null })}
      />
      <SelectField
        aria-label="Meter from this measure on"
        value={meter}
        options={[...before, ...METERS].map((value) => ({ value, name: meterChoiceLabel(value) }))}
        onChoose={(next) => change({ meter: next === AS_BEFORE ? null : next })}
      />
    </WriteRow>
  );
}

/** Lists the keys that are offered, with the one that is there. */
function keysWith(key: string): readonly string[] {
  return KEYS_OFFERED.includes(key) || key === AS_BEFORE ? KEYS_OFFERED : [key, ...KEYS_OFFERED];
}

/** Gives key and meter as they are written at a measure: `AS_BEFORE` where they do not change there. */
function signatureAt({ material }: Brief, measure: number): readonly [key: string, meter: (typeof METERS)[number] | typeof AS_BEFORE] {
  const change = material.kind === 'line' ? material.changes?.find((one) => one.measure === measure) : undefined;
  return [change?.key ?? AS_BEFORE, change?.meter ?? AS_BEFORE];
}

/** Changes the beginning of the line; another key turns a scale, whose key is its tonic's, into a line of the teacher's own. */
function beginningWith(brief: Brief, { key, meter }: SignatureEdit): Brief {
  const keyed = key == null ? brief : withLineKey(writeOut(brief), key);
  return meter == null ? keyed : withRhythm(keyed, { meter });
}
