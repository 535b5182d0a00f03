/** The part of the browser’s sound thread that is used here; its own types are not among those of a page. */
declare class AudioWorkletProcessor {
  readonly port: MessagePort;
}
declare function registerProcessor(name: string, processor: typeof AudioWorkletProcessor): void;

/** The samples that are sent at once: about a tenth of a second. */
const AT_ONCE = 4096;

/** Sends on what the microphone hears, sample for sample. */
class TakeRecorder extends AudioWorkletProcessor {
  private samples = new Float32Array(AT_ONCE);
  private count = 0;

  /** Takes the next samples of the first channel; true to be asked again. */
  process([input]: readonly (readonly Float32Array[])[]): boolean {
    for (const sample of input?.[0] ?? []) {
      this.samples[this.count] = sample;
      this.count += 1;
      if (this.count === AT_ONCE) this.send();
    }
    return true;
  }

  private send(): void {
    this.port.postMessage(this.samples, [this.samples.buffer]);
    this.samples = new Float32Array(AT_ONCE);
    this.count = 0;
  }
}

registerProcessor('take-recorder', TakeRecorder);
