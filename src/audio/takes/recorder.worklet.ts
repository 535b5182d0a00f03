/** The part of the browser’s sound thread that is used here; its own types are not among those of a page. */
declare class AudioWorkletProcessor {
  readonly port: MessagePort;
}
declare function registerProcessor(name: string, processor: new (options: RecorderOptions) => AudioWorkletProcessor): void;

/** The options of a recorder: the samples that are sent at once. */
interface RecorderOptions {
  readonly processorOptions: { readonly atOnce: number };
}

/** Sends on what the microphone hears, sample for sample. */
class TakeRecorder extends AudioWorkletProcessor {
  private samples: Float32Array<ArrayBuffer>;
  private count = 0;

  constructor({ processorOptions: { atOnce } }: RecorderOptions) {
    super();
    this.samples = new Float32Array(atOnce);
  }

  /** Takes the next samples of the first channel; true to be asked again. */
  process([input]: readonly (readonly Float32Array[])[]): boolean {
    for (const sample of input?.[0] ?? []) {
      this.samples[this.count] = sample;
      this.count += 1;
      if (this.count === this.samples.length) this.send();
    }
    return true;
  }

  private send(): void {
    const { length } = this.samples;
    this.port.postMessage(this.samples, [this.samples.buffer]);
    this.samples = new Float32Array(length);
    this.count = 0;
  }
}

registerProcessor('take-recorder', TakeRecorder);
