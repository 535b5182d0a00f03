/** Sound of one channel, as samples from −1 to 1. */
export interface Sound {
  readonly samples: Float32Array;
  /** The samples a second. */
  readonly sampleRate: number;
}
