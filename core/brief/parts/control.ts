import type { HandModel } from '#core/hand';
import type { Instrument } from '#core/instrument';

/** The instrument, and the hand that its school teaches: a part of a brief is read and edited for these. */
export interface PartSetting {
  /** The instrument played. */
  readonly instrument: Instrument;
  /** The hand that plays it. */
  readonly hand: HandModel;
}

/** One of the options of a list. */
export interface Option {
  /** The value in documents. */
  readonly value: string;
  /** The name on the screen. */
  readonly name: string;
}

/** A choice of one from a list. */
export interface ChoiceControl<Value> {
  /** The kind of control. */
  readonly kind: 'choice';
  /** The options, in the order in which they are listed. */
  readonly options: readonly Option[];
  /** The option chosen now; `undefined` where the brief says nothing. */
  readonly chosen: (value: Value | undefined) => string;
  /** Gives the new value; null where the brief need not state it. */
  readonly choose: (chosen: string) => Value | null;
}

/** A choice of several, where all of them together are no limit. */
export interface SubsetControl<Value> {
  /** The kind of control. */
  readonly kind: 'subset';
  /** Lists the values to choose among, in their order. */
  readonly all: (setting: PartSetting) => readonly string[];
  /** Names one of them on the screen. */
  readonly nameOf: (value: string) => string;
  /** The options allowed now; null for all. */
  readonly chosen: (value: Value | undefined) => readonly string[] | null;
  /** Gives the value that allows these; null for no limit. */
  readonly choose: (chosen: readonly string[] | null) => Value | null;
}

/** A choice of yes or no. */
export interface SwitchControl<Value> {
  /** The kind of control. */
  readonly kind: 'switch';
  /** The label of the "yes". */
  readonly label: string;
  /** The effect, in one line. */
  readonly hint: string;
  /** Whether it is on now. */
  readonly isOn: (value: Value | undefined) => boolean;
  /** Gives the value when it is switched; null where the brief need not state it. */
  readonly turn: (on: boolean) => Value | null;
}

/** A whole number, or none. */
export interface CountControl<Value> {
  /** The kind of control. */
  readonly kind: 'count';
  /** The words before the number and after it. */
  readonly around: readonly [before: string, after: string];
  /** The name of what is counted, for a screen reader. */
  readonly label: string;
  /** The largest number allowed; the least is 0. */
  readonly most: number;
  /** The number now; null for none. */
  readonly count: (value: Value | undefined) => number | null;
  /** Gives the value of a number; null for none. */
  readonly set: (count: number | null) => Value | null;
}

/** Several rows with one choice each. */
export interface RowsControl<Value> {
  /** The kind of control. */
  readonly kind: 'rows';
  /** The name of what the rows are about. */
  readonly label: string;
  /** The rows, each with its options; the option chosen now is always among them. */
  readonly rows: (setting: PartSetting, value: Value | undefined) => readonly (Option & { readonly options: readonly Option[] })[];
  /** The option chosen in a row now. */
  readonly chosen: (value: Value | undefined, row: string) => string;
  /** Gives the value with another choice in one row; null where the brief need not state it. */
  readonly choose: (value: Value | undefined, row: string, chosen: string) => Value | null;
}

/** The kind of control a part asks for; the interface draws the control itself. */
export type PartControl<Value> =
  ChoiceControl<Value> | SubsetControl<Value> | SwitchControl<Value> | CountControl<Value> | RowsControl<Value>;
