/** The offset of MIDI keys, which are counted from an octave below C0. */
const MIDI_ABOVE = 12;

/** The mask of a message's kind: the upper half of its first byte; the lower half is the channel (MIDI 1.0). */
const KIND = 0xf0;
const NOTE_ON = 0x90;

/** A listener for a key that goes down: semitones above C0, and the moment, ms of the page's clock. */
export type OnKey = (semitones: number, atMs: number) => void;

/** The keyboards that are connected. */
export interface MidiKeyboards {
  /** Lists the names of those that are there now. */
  readonly names: () => readonly string[];
  /** Stops listening. */
  readonly stop: () => void;
}

/** Listens to every MIDI keyboard, those that are connected later too; throws where the browser has no MIDI, or does not allow it. */
export async function listenToKeyboards(onKey: OnKey, onChange: () => void): Promise<MidiKeyboards> {
  const access = await navigator.requestMIDIAccess();
  const inputsHere = (): readonly MIDIInput[] => [...access.inputs.values()].filter(({ state }) => state === 'connected');
  const hear = ({ data, timeStamp }: MIDIMessageEvent): void => {
    const [message = 0, key = 0, velocity = 0] = data ?? [];
    // A key that goes up may be sent as one that goes down without a velocity.
    if ((message & KIND) === NOTE_ON && velocity > 0) onKey(key - MIDI_ABOVE, timeStamp);
  };
  const listen = (): void => {
    for (const input of inputsHere()) input.onmidimessage = hear;
    onChange();
  };
  access.onstatechange = listen;
  listen();
  return {
    names: () => inputsHere().map(({ name }) => name ?? ''),
    stop: () => {
      access.onstatechange = null;
      for (const input of inputsHere()) {
        input.onmidimessage = null;
        void input.close();
      }
    },
  };
}
