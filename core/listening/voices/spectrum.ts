import FFT from 'fft.js';

/**
 * Makes a finder of the strength of every frequency in a part of sound of a fixed size, a power of two, weighted by a raised cosine. It
 * gives the same array each time: half of `size` frequencies, rate/size apart.
 */
export function spectrumFinder(size: number): (samples: Float32Array) => Float32Array {
  const transform = new FFT(size);
  const hill = Float32Array.from({ length: size }, (_, index) => 0.5 - 0.5 * Math.cos((2 * Math.PI * index) / size));
  const windowed = new Float32Array(size);
  const complex = new Float32Array(2 * size);
  const strengths = new Float32Array(size / 2);
  return (samples) => {
    for (let index = 0; index < size; index += 1) windowed[index] = (samples[index] ?? 0) * (hill[index] ?? 0);
    transform.realTransform(complex, windowed);
    for (let index = 0; index < size / 2; index += 1)
      strengths[index] = Math.hypot(complex[2 * index] ?? 0, complex[2 * index + 1] ?? 0) / size;
    return strengths;
  };
}
