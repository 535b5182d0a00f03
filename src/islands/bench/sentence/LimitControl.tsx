import { type Brief, handSchoolOf } from '#core/brief';
import { withLimit } from '#core/brief/edits';
import type { PartSetting } from '#core/brief/parts';
import { type LimitName, limitPart, type LimitValue } from '#core/brief/parts/limits';
import { handOf } from '#core/hand/models';
import { readInstrument } from '#core/instrument';
import { changeBrief } from '../../../state/edits/index.ts';
import { PartControl } from './PartControl.tsx';

interface LimitControlProps<Name extends LimitName> {
  readonly name: Name;
  readonly brief: Brief;
}

/** Shows the control that a limit asks for, for the instrument and the hand of the brief. */
export function LimitControl<Name extends LimitName>({ name, brief }: LimitControlProps<Name>) {
  const { control, words } = limitPart(name);
  const setting = settingOf(brief);
  const set = (value: LimitValue<Name> | null): void => changeBrief((now) => withLimit(now, name, value));
  return (
    setting && (
      <PartControl name={words.name} none={words.none} control={control} value={brief.limits?.[name]} setting={setting} onSet={set} />
    )
  );
}

/** Gives the instrument and hand; null for an instrument that does not read, which is said elsewhere. */
export function settingOf(brief: Brief): PartSetting | null {
  const read = readInstrument(brief.instrument);
  return read.ok ? { instrument: read.value, hand: handOf(brief.instrument.kind, handSchoolOf(brief)) } : null;
}
