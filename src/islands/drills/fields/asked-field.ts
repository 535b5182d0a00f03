import type { Option } from '../../../ui/fields/index.ts';
import type { WrittenFor } from '../first-request.ts';

/** One field of a form, as it is shown for a request. */
export interface ShownField<Asks> {
  readonly label: string;
  /** The words before it in the sentence; empty for none, and it stands after a comma then. */
  readonly lead: string;
  /** The words after it; left out for none. */
  readonly tail?: string;
  readonly value: string;
  readonly options: readonly Option[];
  /** Writes an option into the request. */
  readonly choose: (value: string) => Asks;
}

/** A field of the form for a drill: it is shown for a request and a player, or left out, null. */
export type AskedField<Asks> = (asks: Asks, place: WrittenFor) => ShownField<Asks> | null;

/** The reading of a choice of one from several from a request, and the writing of it. */
interface ChoiceOf<Asks, Value extends string | number> {
  readonly label: string;
  readonly lead?: string;
  readonly tail?: string;
  readonly value: Value;
  readonly among: readonly Value[];
  readonly nameOf: (value: Value) => string;
  readonly choose: (value: Value) => Asks;
}

/** Makes a field of a choice of one from several: its values go as text, and come back as what they were. */
export function choiceOf<Asks, Value extends string | number>(choice: ChoiceOf<Asks, Value>): ShownField<Asks> {
  const { label, lead = '', tail = '', value, among, nameOf, choose } = choice;
  return {
    label,
    lead,
    tail,
    value: String(value),
    options: among.map((one) => ({ value: String(one), name: nameOf(one) })),
    choose: (text) => choose(among.find((one) => String(one) === text) ?? value),
  };
}
