import { type PointerEvent as ReactPointerEvent, useCallback, useRef, useState } from 'react';
import { wishOf } from '#core/brief/locks';
import type { WayToPlay } from '#core/fit';
import { mmFromNut } from '#core/instrument/geometry';
import { parsePitch, semitonesOf } from '#core/pitch';
import type { Plan } from '#core/plan/describe';
import { engine } from '../../../engine/index.ts';
import { wishFor } from '../../../state/planning-actions.ts';
import { type Bead, type DropTarget, dropTargets, nearestTarget, type PathScale, yOfMm } from '../../../path/index.ts';

/** A bead on its way to another string or finger. */
export interface BeadDrag {
  readonly bead: Bead;
  /** The x of the pointer, px. */
  readonly x: number;
  /** The y of the pointer, px. */
  readonly y: number;
  readonly targets: readonly DropTarget<WayToPlay>[];
  /** The target under the pointer; null where there is none. */
  readonly over: DropTarget<WayToPlay> | null;
}

/** The distance a press moves before it is a drag, px. */
const DRAG_FROM = 6;

/** Lets a bead be dragged to another string (up and down) or finger (sideways); Escape cancels it. */
export function useBeadDrag(plan: Plan, scale: PathScale) {
  const [drag, setDrag] = useState<BeadDrag | null>(null);
  const moved = useRef(false);
  const grab = useCallback(
    (bead: Bead, event: ReactPointerEvent<SVGGElement>) => {
      if (event.button !== 0 || event.pointerType === 'touch') return;
      moved.current = false;
      const [startX, startY] = [event.clientX, event.clientY];
      let targets: BeadDrag['targets'] = [];
      let over: BeadDrag['over'] = null;
      const move = (pointer: PointerEvent): void => {
        const [byX, byY] = [pointer.clientX - startX, pointer.clientY - startY];
        if (!moved.current && Math.hypot(byX, byY) < DRAG_FROM) return;
        if (!moved.current) void targetsOf(plan, bead, scale).then((found) => (targets = found));
        moved.current = true;
        const [x, y] = [bead.x + byX, bead.y + byY];
        over = nearestTarget(targets, x, y);
        setDrag({ bead, x, y, targets, over });
      };
      const listening = new AbortController();
      const end = (): void => {
        listening.abort();
        setDrag(null);
      };
      const drop = (): void => {
        end();
        const way = over?.way;
        if (way) void wishFor(wishOf(bead.index, way));
      };
      const escape = (key: KeyboardEvent): void => {
        if (key.key === 'Escape') end();
      };
      const { signal } = listening;
      window.addEventListener('pointermove', move, { signal });
      window.addEventListener('pointerup', drop, { signal });
      window.addEventListener('pointercancel', end, { signal });
      window.addEventListener('keydown', escape, { signal });
    },
    [plan, scale],
  );
  return { drag, grab, dragged: () => moved.current };
}

async function targetsOf(plan: Plan, bead: Bead, scale: PathScale): Promise<BeadDrag['targets']> {
  const ways = await engine.ask(plan.brief, { kind: 'ways', note: bead.index });
  if (!ways.ok) return [];
  const sounding = parsePitch(bead.note.stops[0].pitch);
  const semitonesOn = (open: string): number => {
    const string = parsePitch(open);
    return sounding.ok && string.ok ? semitonesOf(sounding.value) - semitonesOf(string.value) : 0;
  };
  return dropTargets(bead, ways.value, semitonesOn, (semitones) => yOfMm(scale, mmFromNut(plan.stringLengthMm, semitones)));
}
