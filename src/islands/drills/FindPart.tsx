import { useMemo, useState } from 'react';
import { KEYS_OFFERED } from '#core/brief/edits';
import { catalogue, DRILL_AIMS, type DrillFacts, type DrillQuery, factsOf, findDrills } from '#core/drill/finder';
import type { DrillRequest } from '#core/drill/families';
import { drillFor, fingersOf } from '#core/drill';
import type { ShiftClass } from '#core/drill/shifts';
import { keyLabel } from '#core/key';
import { noteLabel } from '#core/pitch';
import type { Brief } from '#core/brief';
import type { PieceRecord } from '../../records/record.ts';
import { PIECES, useStored } from '../../state/reading/index.ts';
import { Button, ButtonLink } from '../../ui/Button.tsx';
import { LabelledChoice } from '../../ui/fields/index.ts';
import { Answered } from '../../ui/states/index.ts';
import { pieceTitle } from '../../words/piece/pieces.ts';
import { AIM_WORDS, drillTitle, FAMILY_WORDS, positionText, shiftClassText } from '../../words/drills/families.ts';
import { positionsFor, type WrittenFor } from './first-request.ts';
import { PiecesInside, PlacesLike } from './StudioPieces.tsx';

interface FindPartProps {
  readonly brief: Brief;
  readonly place: WrittenFor;
  readonly musicKey: string;
  /** The shift that drills are to be like; null for none. */
  readonly like: ShiftClass | null;
  readonly onLike: (like: ShiftClass | null) => void;
  readonly onOpen: (request: DrillRequest) => void;
}

/** The number of drills listed. */
const LISTED = 24;

const ANY = 'any';

/**
 * Lists all drills, those that can be written and those kept as pieces, by their aim; and where a kind of shift occurs in the studio's
 * pieces.
 */
export function FindPart({ brief, place, musicKey, like, onLike, onOpen }: FindPartProps) {
  const [query, setQuery] = useState<DrillQuery>({ key: musicKey });
  const key = query.key ?? musicKey;
  const ours = useMemo(
    () => catalogue(drillFor(brief), key).map((request): Found => ({ request, facts: factsOf(request), piece: null })),
    [brief, key],
  );
  return (
    <div className="mt-3">
      {like && (
        <p className="flex flex-wrap items-center gap-2">
          Like this shift: <strong>{shiftClassText(like)}</strong>
          <Button onClick={() => onLike(null)}>Look for any</Button>
        </p>
      )}
      <QueryFields query={query} place={place} onChange={setQuery} />
      <Answered asked={useStored(PIECES)} waiting="Looking …">
        {({ records }) => <FoundDrills found={findDrills([...drillsAmong(records), ...ours], { ...query, like })} onOpen={onOpen} />}
      </Answered>
      {like && <PlacesLike like={like} />}
      {query.position && <PiecesInside kind={place.instrument.kind} position={query.position} />}
    </div>
  );
}

interface Found {
  readonly request: DrillRequest;
  readonly facts: DrillFacts;
  /** The piece it is kept as; null for one that is not written yet. */
  readonly piece: { readonly id: string; readonly title: string } | null;
}

/** Finds the drills among the pieces. */
function drillsAmong(records: readonly PieceRecord[]): readonly Found[] {
  return records.flatMap(({ id, document }) =>
    document.drill
      ? [{ request: document.drill.request, facts: factsOf(document.drill.request), piece: { id, title: pieceTitle(document) } }]
      : [],
  );
}

interface QueryFieldsProps {
  readonly query: DrillQuery;
  readonly place: WrittenFor;
  readonly onChange: (query: DrillQuery) => void;
}

function QueryFields({ query, place, onChange }: QueryFieldsProps) {
  const fingers = fingersOf(place.hand);
  return (
    <search aria-label="Find a drill" className="mt-2 flex flex-wrap items-end gap-x-4 gap-y-2">
      <OneOrAny
        label="For"
        value={query.aim}
        among={DRILL_AIMS}
        nameOf={(aim) => AIM_WORDS[aim]}
        onChoose={(aim) => onChange({ ...query, aim })}
      />
      <KeyField musicKey={query.key ?? ''} onChoose={(key) => onChange({ ...query, key })} />
      <OneOrAny
        label="From finger"
        value={query.fromFinger}
        among={fingers}
        nameOf={String}
        onChoose={(fromFinger) => onChange({ ...query, fromFinger })}
      />
      <OneOrAny
        label="To finger"
        value={query.toFinger}
        among={fingers}
        nameOf={String}
        onChoose={(toFinger) => onChange({ ...query, toFinger })}
      />
      <OneOrAny
        label="Direction"
        value={query.way}
        among={['up', 'down'] as const}
        nameOf={String}
        onChoose={(way) => onChange({ ...query, way })}
      />
      <OneOrAny
        label="Positions apart"
        value={query.steps}
        among={[1, 2, 3, 4] as const}
        nameOf={String}
        onChoose={(steps) => onChange({ ...query, steps })}
      />
      <OneOrAny
        label="String"
        value={query.string}
        among={place.instrument.strings.map(({ name }) => name)}
        nameOf={(name) => `${noteLabel(name)} string`}
        onChoose={(string) => onChange({ ...query, string })}
      />
      <OneOrAny
        label="Position"
        value={query.position}
        among={positionsFor(place)}
        nameOf={positionText}
        onChoose={(position) => onChange({ ...query, position })}
      />
    </search>
  );
}

interface KeyFieldProps {
  /** The key, documents' form. */
  readonly musicKey: string;
  readonly onChoose: (key: string) => void;
}

/** Chooses the key of drills; a piece may be in one that is not offered. */
function KeyField({ musicKey, onChoose }: KeyFieldProps) {
  const among = KEYS_OFFERED.includes(musicKey) ? KEYS_OFFERED : [musicKey, ...KEYS_OFFERED];
  return <LabelledChoice label="Key" value={musicKey} among={among} nameOf={keyLabel} onChoose={onChoose} />;
}

interface OneOrAnyProps<Value extends string | number> {
  readonly label: string;
  readonly value: Value | null | undefined;
  readonly among: readonly Value[];
  readonly nameOf: (value: Value) => string;
  readonly onChoose: (value: Value | null) => void;
}

function OneOrAny<Value extends string | number>({ label, value, among, nameOf, onChoose }: OneOrAnyProps<Value>) {
  return (
    <LabelledChoice<Value | typeof ANY>
      label={label}
      value={value ?? ANY}
      among={[ANY, ...among]}
      nameOf={(like) => {
        const one = among.find((other) => other === like);
        return one === undefined ? 'any' : nameOf(one);
      }}
      onChoose={(known) => onChoose(among.find((one) => one === known) ?? null)}
    />
  );
}

function FoundDrills({ found, onOpen }: { readonly found: readonly Found[]; readonly onOpen: (request: DrillRequest) => void }) {
  return (
    <section aria-label="Drills found" className="mt-3">
      <p role="status" className="text-dove-dark">
        {found.length === 0 ? 'No drill answers all of that. Choose “any” somewhere.' : `${found.length} drills`}
        {found.length > LISTED ? `, the first ${LISTED} listed` : ''}
      </p>
      <ul className="mt-1 grid gap-x-8 md:grid-cols-2">
        {found.slice(0, LISTED).map(({ request, piece }) => (
          <li key={piece?.id ?? JSON.stringify(request)} className="flex items-baseline gap-3 border-b border-line py-1 text-[15px]">
            <span className="grow">
              {piece?.title ?? drillTitle(request)}
              <span className="block text-[14px] text-dove-dark">
                {piece ? 'kept as a piece' : FAMILY_WORDS[request.asks.family].gains}
              </span>
            </span>
            {piece ? (
              <ButtonLink href={`/?piece=${piece.id}`}>Open</ButtonLink>
            ) : (
              <Button aria-label={`Write: ${drillTitle(request)}`} onClick={() => onOpen(request)}>
                Write it
              </Button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
