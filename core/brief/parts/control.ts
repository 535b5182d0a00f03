import type { HandModel } from '#core/hand';
import type { Instrument } from '#core/instrument';

/** What a part of a brief is read for and controlled on: one instrument, and the hand that its school teaches. */
export interface PartSetting {
  /** The instrument played. */
  readonly instrument: Instrument;
  /** The hand that plays it. */
  readonly hand: HandModel;
}

/** One of several things that can be chosen. */
export interface Option {
  /** In documents. */
  readonly value: string;
  /** On the screen. */
  readonly name: string;
}

/** One of several: a list to choose from. */
export interface ChoiceControl<Value> {
  /** What kind of control it is. */
  readonly kind: 'choice';
  /** All that can be chosen. */
  readonly options: readonly Option[];
  /** What is chosen now; `undefined` where the brief says nothing. */
  readonly chosen: (value: Value | undefined) => string;
  /** The value chosen; null for what needs not be said. */
  readonly choose: (chosen: string) => Value | null;
}

/** Some of several, all of them being no limit. */
export interface SubsetControl<Value> {
  /** What kind of control it is. */
  readonly kind: 'subset';
  /** All there are. */
  readonly all: (setting: PartSetting) => readonly string[];
  /** One of them on the screen. */
  readonly nameOf: (value: string) => string;
  /** Those allowed now; null for all. */
  readonly chosen: (value: Value | undefined) => readonly string[] | null;
  /** The value that allows these; null for no limit. */
  readonly choose: (chosen: readonly string[] | null) => Value | null;
}

/** Yes or no. */
export interface SwitchControl<Value> {
  /** What kind of control it is. */
  readonly kind: 'switch';
  /** What it is to say yes. */
  readonly label: string;
  /** What it does, in a line. */
  readonly hint: string;
  /** Whether it is on now. */
  readonly isOn: (value: Value | undefined) => boolean;
  /** The value when it is turned; null for what needs not be said. */
  readonly turn: (on: boolean) => Value | null;
}

/** A whole number, or none. */
export interface CountControl<Value> {
  /** What kind of control it is. */
  readonly kind: 'count';
  /** The words before the number and after it. */
  readonly around: readonly [before: string, after: string];
  /** What is counted, for a listener. */
  readonly label: string;
  /** The most it can be; the least is 0. */
  readonly most: number;
  /** The number now; null for none. */
  readonly count: (value: Value | undefined) => number | null;
  /** The value of a number; null for none. */
  readonly set: (count: number | null) => Value | null;
}

/** One choice a row, each separately. */
export interface RowsControl<Value> {
  /** What kind of control it is. */
  readonly kind: 'rows';
  /** What the rows are about. */
  readonly label: string;
  /** The rows, each with its choices; what is chosen now is always among them. */
  readonly rows: (setting: PartSetting, value: Value | undefined) => readonly (Option & { readonly options: readonly Option[] })[];
  /** What is chosen in a row now. */
  readonly chosen: (value: Value | undefined, row: string) => string;
  /** The value with another choice in one row; null for what needs not be said. */
  readonly choose: (value: Value | undefined, row: string, chosen: string) => Value | null;
}

/** The kind of control a part wants; the control itself is the interface's. */
export type PartControl<Value> =
  ChoiceControl<Value> | SubsetControl<Value> | SwitchControl<Value> | CountControl<Value> | RowsControl<Value>;
