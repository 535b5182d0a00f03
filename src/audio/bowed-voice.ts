import { FatOscillator, Filter, Gain, LFO, type ToneAudioNode } from 'tone';
import type { PlayedNote } from '#core/sound';

/** The resonances of a bowed instrument's body: the frequency, Hz, the narrowness, and the gain, dB; an air and two wood resonances. */
const BODY = [
  { frequency: 290, Q: 1.6, gain: 5 },
  { frequency: 560, Q: 1.4, gain: 4 },
  { frequency: 2400, Q: 1.1, gain: 3 },
] as const;

/** The vibrato of a quiet hand: times a second, and its width, cents. */
const VIBRATO = { hz: 5.2, cents: 7 } as const;

/** The strength of the bow, and the times in which it begins and stops, seconds; a slur only eases. */
const BOW = { full: 0.9, begins: 0.05, eases: 0.02, stops: 0.07 } as const;

/** The strength at which an accent begins, and the time until it has eased, seconds. */
const ACCENT = { gain: 1.5, eases: 0.12 } as const;

type Bowed = Pick<PlayedNote, 'seconds' | 'slurred' | 'slursOn' | 'accent' | 'slide'>;

/** A voice of one string. A sawtooth is the motion of a bowed string at the bridge; the body colours it. */
export class BowedVoice {
  private readonly tone = new FatOscillator({ type: 'sawtooth', count: 2, spread: 5, volume: -16 });
  private readonly bow = new Gain(0);
  private readonly vibrato = new LFO({ frequency: VIBRATO.hz, min: -VIBRATO.cents, max: VIBRATO.cents });
  private readonly body: readonly ToneAudioNode[];

  /** A plain tone has no vibrato, for judging pitch. */
  constructor(into: ToneAudioNode, vibrato = true) {
    const peaks = BODY.map((peak) => new Filter({ type: 'peaking', ...peak }));
    const bridge = new Filter({ type: 'lowpass', frequency: 3400, rolloff: -24 });
    this.body = [...peaks, bridge];
    this.tone.chain(...peaks, bridge, this.bow, into);
    if (vibrato) this.vibrato.connect(this.tone.detune);
    this.tone.start();
    this.vibrato.start();
  }

  /** Bows a note at a moment of the audio clock; its `slide` bends its end, and a slur carries the bow over. Seconds and Hz. */
  bowNote(at: number, hz: number, { seconds, slurred, slursOn, accent, slide }: Bowed): void {
    const pitch = this.tone.frequency;
    pitch.setValueAtTime(hz, at);
    if (slide) {
      pitch.setValueAtTime(hz, at + seconds - slide.seconds - 0.001);
      pitch.setValueAtTime(slide.fromHz, at + seconds - slide.seconds);
      pitch.exponentialRampToValueAtTime(slide.toHz, at + seconds - 0.005);
    }
    const { gain } = this.bow;
    gain.cancelScheduledValues(at);
    gain.setTargetAtTime(accent ? ACCENT.gain : BOW.full, at, (slurred ? BOW.eases : BOW.begins) / (accent ? 4 : 2));
    if (accent) gain.setTargetAtTime(BOW.full, at + ACCENT.eases, ACCENT.eases / 2);
    if (!slursOn) gain.setTargetAtTime(0, at + Math.max(0.03, seconds - BOW.stops), BOW.stops / 3);
  }

  /** Takes the bow off the string. */
  ends(at: number): void {
    this.bow.gain.cancelScheduledValues(at);
    this.bow.gain.setTargetAtTime(0, at, BOW.stops / 3);
  }

  /** Stops the voice and frees everything it holds. */
  dispose(): void {
    for (const node of [this.tone, this.vibrato, this.bow, ...this.body]) node.dispose();
  }
}
