import { typeLine } from '../../../state/edits/brief-actions.ts';
import { LineText } from './LineText.tsx';

/** The line of one's own: what reads of it is planned as it is typed. */
export function LineField({ text, bass }: { readonly text: string; readonly bass: boolean }) {
  return <LineText text={text} bass={bass} onType={typeLine} />;
}
