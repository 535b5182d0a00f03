import type { StaffMark } from '../../engraving/index.ts';
import { DrawnText } from '../../ui/DrawnText.tsx';

const TEXT_TONES: Readonly<Record<StaffMark['tone'], string>> = {
  ink: 'fill-ink',
  soft: 'fill-dove-dark',
  light: 'fill-dove',
  shift: 'fill-madder',
};
const LINE_TONES: Readonly<Record<StaffMark['tone'], string>> = {
  ink: 'stroke-ink',
  soft: 'stroke-dove',
  light: 'stroke-line',
  shift: 'stroke-madder',
};

/** Draws one mark on or around a staff. */
export function DrawnMark({ mark }: { readonly mark: StaffMark }) {
  const about = mark.about && { [`data-${mark.about[0]}`]: mark.about[1] };
  if (mark.kind === 'text')
    return (
      <DrawnText x={mark.x} y={mark.y} textAnchor={mark.anchor} look={mark.look} className={TEXT_TONES[mark.tone]} {...about}>
        {mark.text}
      </DrawnText>
    );
  if (mark.thick === null) return <path d={mark.d} className={TEXT_TONES[mark.tone]} {...about} />;
  const dash = mark.dash.length === 0 ? {} : { strokeDasharray: mark.dash.join(' ') };
  return (
    <path
      d={mark.d}
      strokeWidth={mark.thick}
      className={`${mark.covers ? 'fill-paper' : 'fill-none'} ${LINE_TONES[mark.tone]}`}
      {...dash}
      {...about}
    />
  );
}
