/** A write that failed is tried again after this, ms: the disk may have room by then. */
export const AGAIN_AFTER_MS = 5000;
