import type { ReactNode } from 'react';
import { Notice } from '../../ui/states/index.ts';
import { notKeptText } from '../../words/kept/storage.ts';
import { Header, type PageName } from '../frame/index.ts';
import { PiecePlayer } from './PiecePlayer.tsx';

interface PiecePageProps {
  readonly current: PageName;
  /** The id of the piece; null until one is opened. */
  readonly pieceId: string | null;
  /** The message where the piece could not be read or kept; null otherwise. */
  readonly trouble: string | null;
  /** The actions on the piece, in the head. */
  readonly actions?: ReactNode;
  /** The part between the head and the page. */
  readonly above?: ReactNode;
  readonly className?: string;
  readonly children: ReactNode;
}

/** Shows a page of the piece that is open, once it is there. */
export function PiecePage({ current, pieceId, trouble, actions, above, className = 'px-6 pt-3 pb-6', children }: PiecePageProps) {
  return (
    <>
      <Header current={current} pieceId={pieceId} player={<PiecePlayer />}>
        {actions}
      </Header>
      {above}
      {trouble !== null && (
        <Notice role="alert" className="m-6" trouble>
          {notKeptText(trouble)}
        </Notice>
      )}
      {pieceId !== null && <main className={className}>{children}</main>}
    </>
  );
}
