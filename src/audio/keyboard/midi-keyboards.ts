import { type NoteMessageEvent, WebMidi } from 'webmidi';

/** MIDI keys are counted from an octave below C0. */
const MIDI_ABOVE = 12;

/** Hears a key that goes down: semitones above C0, and when, ms of the page's clock. */
export type OnKey = (semitones: number, atMs: number) => void;

/** Keyboards that are connected. */
export interface MidiKeyboards {
  /** As they are called, those that are there now. */
  readonly names: () => readonly string[];
  /** Ends listening. */
  readonly stop: () => void;
}

/** Listens to every MIDI keyboard, those that are connected later too; throws where the browser has no MIDI, or does not allow it. */
export async function listenToKeyboards(onKey: OnKey, onChange: () => void): Promise<MidiKeyboards> {
  await WebMidi.enable();
  const heard = (event: NoteMessageEvent): void => onKey(event.note.number - MIDI_ABOVE, event.timestamp);
  const listen = (): void => {
    for (const input of WebMidi.inputs) if (!input.hasListener('noteon', heard)) input.addListener('noteon', heard);
    onChange();
  };
  WebMidi.addListener('connected', listen);
  WebMidi.addListener('disconnected', onChange);
  listen();
  return {
    names: () => WebMidi.inputs.map(({ name }) => name),
    stop: () => void WebMidi.disable(),
  };
}
