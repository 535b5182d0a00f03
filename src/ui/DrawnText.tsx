import type { SVGTextElementAttributes } from 'react';

/** Words with the paper's edge around them, to be read over lines. */
const EDGED = 'stroke-paper stroke-[3px] [paint-order:stroke]';

/** The looks of words in a drawing, by their subject. */
const LOOKS = {
  title: 'font-serif text-[17px] font-semibold',
  finger: 'font-serif text-[14px] font-[650]',
  'finger-on-stand': 'font-serif text-[19px] font-[650]',
  bead: 'pointer-events-none font-serif text-[12.5px] font-[620]',
  landmark: `font-serif text-[13px] font-[650] ${EDGED}`,
  position: 'font-serif text-[13px] italic',
  string: 'font-sans text-[12.5px] tracking-[0.06em]',
  remark: `font-sans text-[12px] ${EDGED}`,
  scale: 'font-sans text-[12px]',
  small: 'font-sans text-[10.5px]',
  sign: "font-['Dove_Music'] text-[20px]",
} as const;

interface DrawnTextProps extends SVGTextElementAttributes<SVGTextElement> {
  /** The subject of the words. */
  readonly look: keyof typeof LOOKS;
}

/** Words in a drawing; `className` gives the colour. */
export function DrawnText({ look, className = '', ...attributes }: DrawnTextProps) {
  return <text className={`${LOOKS[look]} ${className}`} {...attributes} />;
}
