let context: AudioContext | null = null;
let sounding: AudioBufferSourceNode | null = null;

/** Plays samples at once, once or over and over, in place of what sounds; the page's one audio context begins with the first sound asked for. */
export function playSamples(samples: Float32Array<ArrayBuffer>, sampleRate: number, loop = false): void {
  stopPlaying();
  context ??= new AudioContext();
  void context.resume();
  const buffer = context.createBuffer(1, samples.length, sampleRate);
  buffer.copyToChannel(samples, 0);
  sounding = new AudioBufferSourceNode(context, { buffer, loop });
  sounding.connect(context.destination);
  sounding.start();
}

/** Stops the samples. */
export function stopPlaying(): void {
  sounding?.stop();
  sounding = null;
}
