import { VerovioToolkit } from 'verovio/esm';
import createVerovioModule from 'verovio/wasm';
import type { ReadElement } from '#core/format';
import { xmlTree } from '../../src/files/foreign/xml-tree.ts';

/** A note as an independent engraving engine reads it in a MusicXML file: tied heads joined, rests told apart. */
export interface ReadNote {
  /** The written pitch: "Eb4", of a double stop both from below, "A3+F4"; "r" for a rest. */
  readonly pitch: string;
  /** The length in 64ths. */
  readonly length: number;
  readonly finger: string | null;
  readonly slurBegins: boolean;
  readonly slurEnds: boolean;
}

const toolkit = createVerovioModule().then((module) => new VerovioToolkit(module));

/** Reads MusicXML through verovio's own document model. */
export async function readMusicXml(xml: string): Promise<readonly ReadNote[]> {
  return notesOf(await elementsOf(xml));
}

/** Reads the parts of a MusicXML score, each by itself, through verovio's own document model. */
export async function readMusicXmlParts(xml: string): Promise<readonly (readonly ReadNote[])[]> {
  const elements = await elementsOf(xml);
  const staffs = elements.filter(({ name }) => name === 'staff');
  const numbers = [...new Set(staffs.map(({ attributes }) => attributes['n']))];
  // The signs at notes, such as fingers, stand beside the staffs.
  const beside = elements.filter(({ name }) => ['fing', 'tie', 'slur'].includes(name));
  return numbers.map((number) => {
    const own = staffs.filter(({ attributes }) => attributes['n'] === number).flatMap(({ children }) => children);
    return notesOf([...own, ...beside]);
  });
}

async function elementsOf(xml: string): Promise<readonly Flat[]> {
  const reader = await toolkit;
  if (!reader.loadData(xml)) throw new Error('verovio does not read the file');
  return flatten(xmlTree(reader.getMEI()));
}

function notesOf(elements: readonly Flat[]): readonly ReadNote[] {
  const of = (name: string) => elements.filter((element) => element.name === name);
  const ends = (name: string, key: string) => new Set(of(name).map((element) => element.attributes[key]?.slice(1)));
  const fingers = new Map(of('fing').map((element) => [element.attributes['startid']?.slice(1), element.text]));
  const [tieStarts, slurStarts, slurStops] = [ends('tie', 'startid'), ends('slur', 'startid'), ends('slur', 'endid')];
  const read: ReadNote[] = [];
  let tied = false;
  const inChords = new Set(of('chord').flatMap((chord) => notesIn(chord)));
  for (const element of elements.filter((one) => ['note', 'rest', 'chord'].includes(one.name) && !inChords.has(one))) {
    const heads = element.name === 'chord' ? notesIn(element) : [element];
    const ids = [element, ...heads].map((one) => one.attributes['id']);
    const found = heads.flatMap((one) => fingers.get(one.attributes['id']) ?? []);
    const head = {
      pitch: element.name === 'rest' ? 'r' : heads.map(pitchOf).join('+'),
      length: lengthOf(element),
      finger: found.length === 0 ? null : found.join('+'),
      slurBegins: ids.some((id) => slurStarts.has(id)),
      slurEnds: ids.some((id) => slurStops.has(id)),
    };
    const before = read.at(-1);
    if (tied && before)
      read[read.length - 1] = {
        ...before,
        length: before.length + head.length,
        slurBegins: before.slurBegins || head.slurBegins,
        slurEnds: before.slurEnds || head.slurEnds,
      };
    else read.push(head);
    tied = ids.some((id) => tieStarts.has(id));
  }
  return read;
}

/** An element with everything in it, however deep. */
type Flat = ReadElement;

function flatten(elements: readonly ReadElement[]): readonly Flat[] {
  return elements.flatMap((element) => {
    const children = flatten(element.children);
    return [{ ...element, children }, ...children];
  });
}

/** Lists the heads of a chord, in the order of the file. */
function notesIn(chord: Flat): readonly Flat[] {
  return chord.children.filter((child) => child.name === 'note');
}

/** Gives the sounding pitch: under an octave line the note stands an octave lower than it sounds, and both are given. */
function pitchOf(note: Flat): string {
  const accid = note.children.find((child) => child.name === 'accid')?.attributes ?? {};
  const sounding = accid['accid.ges'] ?? note.attributes['accid.ges'] ?? accid['accid'] ?? '';
  const alteration = { s: '#', ss: '##', x: '##', f: 'b', ff: 'bb', n: '' }[sounding] ?? '';
  return `${note.attributes['pname']?.toUpperCase() ?? ''}${alteration}${note.attributes['oct.ges'] ?? note.attributes['oct'] ?? ''}`;
}

function lengthOf(symbol: Flat): number {
  const plain = 64 / Number(symbol.attributes['dur']);
  return symbol.attributes['dots'] === '1' ? plain * 1.5 : plain;
}
