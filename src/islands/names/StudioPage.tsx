import type { ReactNode } from 'react';
import { STUDIO, useStored } from '../../state/reading/index.ts';
import type { Studio } from '../../records/studio.ts';
import { Answered } from '../../ui/states/index.ts';
import { Addressed, type PageName, PageShell } from '../frame/index.ts';

interface StudioPageProps {
  /** The name of the page, which is also its heading. */
  readonly current: PageName;
  readonly children: (studio: Studio) => ReactNode;
}

/** Wraps a page that needs the players and instruments of the studio, and whose address says what is shown. */
export function StudioPage({ current, children }: StudioPageProps) {
  return (
    <Addressed>
      <PageShell current={current} title={current} titled="hidden">
        <OfStudio>{children}</OfStudio>
      </PageShell>
    </Addressed>
  );
}

function OfStudio({ children }: Pick<StudioPageProps, 'children'>) {
  return (
    <Answered asked={useStored(STUDIO)} waiting="Opening the studio …">
      {children}
    </Answered>
  );
}
