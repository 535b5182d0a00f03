/** The number of samples listened to at once: three periods and more of the lowest string there is. */
export const HEARD_SAMPLES = 8192;

/** A reason why there is no microphone. */
export type NoMicrophone = 'denied' | 'absent' | 'busy' | 'address';

/** An open microphone. */
export interface Microphone {
  /** The number of samples a second. */
  readonly sampleRate: number;
  /** Reads the latest sound. */
  readonly read: () => Float32Array;
  readonly close: () => void;
}

/** Opens the microphone, to be listened to now and then. */
export async function openMicrophone(): Promise<Microphone | NoMicrophone> {
  const stream = await openStream();
  return typeof stream === 'string' ? stream : listening(stream);
}

/** Asks for the sound of the microphone, without the browser’s own treatment of speech, which bends pitch and level. */
export async function openStream(): Promise<MediaStream | NoMicrophone> {
  const media: MediaDevices | undefined = navigator.mediaDevices;
  if (media === undefined) return window.isSecureContext ? 'absent' : 'address';
  try {
    return await media.getUserMedia({ audio: { echoCancellation: false, noiseSuppression: false, autoGainControl: false } });
  } catch (error) {
    return reasonOf(error);
  }
}

function listening(stream: MediaStream): Microphone {
  const context = new AudioContext();
  const analyser = new AnalyserNode(context, { fftSize: HEARD_SAMPLES });
  context.createMediaStreamSource(stream).connect(analyser);
  const samples = new Float32Array(HEARD_SAMPLES);
  return {
    sampleRate: context.sampleRate,
    read: () => {
      analyser.getFloatTimeDomainData(samples);
      return samples;
    },
    close: () => {
      for (const track of stream.getTracks()) track.stop();
      void context.close();
    },
  };
}

function reasonOf(error: unknown): NoMicrophone {
  const name = error instanceof DOMException ? error.name : '';
  if (name === 'NotAllowedError' || name === 'SecurityError') return 'denied';
  return name === 'NotReadableError' || name === 'AbortError' ? 'busy' : 'absent';
}
