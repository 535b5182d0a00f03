import 'react';

declare module 'react' {
  interface CSSProperties {
    /** How small a drawing is made on paper, 0 to 1; read by the print styles. */
    '--on-paper'?: number;
  }
}
