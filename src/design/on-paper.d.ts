import 'react';

declare module 'react' {
  interface CSSProperties {
    /** The scale of a drawing on paper, 0 to 1; the print styles read it. */
    '--on-paper'?: number;
  }
}
