import { useEffect, useState } from 'react';
import { positionWords } from '#core/messages';
import { noteLabel, pitchLabel } from '#core/pitch';
import { type FingerPattern, patternKey, type Plan, type Stay } from '#core/plan/describe';
import { namePattern } from '../../../state/school/index.ts';
import { useWork } from '../../../state/bench/index.ts';
import { fieldsTypedBefore, useTyped } from '../../../state/typed.ts';
import { TextField } from '../../../ui/fields/index.ts';
import { Heading } from '../../../ui/Heading.tsx';
import { Table } from '../../../ui/Table.tsx';
import { PATTERN_WAYS, touchText } from '../../../words/hand/patterns.ts';
import { lowFirstText, mmText, semitonesText } from '../../../words/plan-words.ts';

/** Shows how the fingers stand in every stay, which ones land together, and where each tonic lies. */
export function HandDetails({ plan }: { readonly plan: Plan }) {
  return (
    <>
      <Table className="mt-2">
        <caption className="sr-only">Finger patterns of every position</caption>
        <thead>
          <tr>
            <th scope="col">Notes</th>
            <th scope="col">Position</th>
            <th scope="col">First finger at</th>
            <th scope="col">Widest at one moment</th>
            <th scope="col">Covers</th>
            <th scope="col">Fingers on each string</th>
            <th scope="col">From string to string</th>
          </tr>
        </thead>
        <tbody>
          {plan.stays.map((stay) => (
            <StayRow key={stay.from} stay={stay} />
          ))}
        </tbody>
      </Table>
      {plan.setDowns.length > 0 && (
        <>
          <Heading as="h3" className="mt-3">
            Set down together
          </Heading>
          <ul className="list-disc pl-5">
            {plan.setDowns.map((setDown) => (
              <li key={setDown.note}>
                Note {setDown.note + 1}, on {setDown.string}: {setDown.fingers.join(' ')}
              </li>
            ))}
          </ul>
        </>
      )}
      {plan.landmarks.length > 0 && (
        <>
          <Heading as="h3" className="mt-3">
            Where the tonic lies
          </Heading>
          <ul className="list-disc pl-5">
            {plan.landmarks.map((landmark) => (
              <li key={landmark.note}>
                {pitchLabel(landmark.pitch)}: {landmark.finger} on {landmark.string}
                {landmark.finger === '0' ? '' : `, ${positionWords(landmark.position)}`}
              </li>
            ))}
          </ul>
        </>
      )}
    </>
  );
}

function StayRow({ stay }: { readonly stay: Stay }) {
  return (
    <tr className="align-top">
      <td>
        {stay.from + 1}
        {stay.to > stay.from ? `–${stay.to + 1}` : ''}
      </td>
      <td>
        {positionWords(stay.position)}
        {stay.lowFirst.length > 0 && <div>{lowFirstText(stay.lowFirst)}</div>}
      </td>
      <td>{mmText(stay.firstFingerMm)}</td>
      <td>{stay.reach ? mmText(stay.reach.needMm) : ''}</td>
      <td>{stay.covers ? mmText(stay.covers.mm) : ''}</td>
      <td>
        {stay.patterns.map((pattern) => (
          <div key={`${pattern.string} ${pattern.way}`}>
            {pattern.string} ({noteLabel(pattern.open)}){PATTERN_WAYS[pattern.way]}: {touchText(pattern)}
            {pattern.gaps.length > 0 && <PatternName pattern={pattern} />}
          </div>
        ))}
      </td>
      <td>
        {stay.acrossStrings.map((across) => (
          <div key={`${across.finger} ${across.fromString} ${across.semitones}`}>
            {across.finger} {semitonesText(across.semitones)} {across.semitones > 0 ? 'higher' : 'lower'} on {across.toString} than on{' '}
            {across.fromString}
          </div>
        ))}
      </td>
    </tr>
  );
}

/** The pause in typing a name after which it is kept, ms. */
const PAUSE_MS = 400;

/** Shows and edits the teacher's own name for a pattern; it is kept with the school. */
function PatternName({ pattern }: { readonly pattern: FingerPattern }) {
  const key = patternKey(pattern);
  const name = useWork((work) => work.brief.school?.patternNames?.[key] ?? '');
  const place = `pattern-${key}`;
  // Null shows the name as it is kept: the same pattern may stand in several places.
  const [typed, setTyped] = useState(() => {
    const { text } = fieldsTypedBefore(place, { text: name });
    return text === name ? null : text;
  });
  const isNew = typed !== null && typed.trim() !== name;
  // A page that is closed in the middle of a name has it still when it is opened again.
  useTyped(place, { text: typed ?? name }, !isNew);
  useEffect(() => {
    if (!isNew) return;
    const pause = setTimeout(() => void namePattern(key, typed), PAUSE_MS);
    return () => clearTimeout(pause);
  }, [key, isNew, typed]);
  return (
    <TextField
      className="ml-2 w-32 text-sm"
      aria-label={`Your name for ${touchText(pattern)}`}
      placeholder="your name for it"
      maxLength={40}
      value={typed ?? name}
      onChange={(event) => setTyped(event.target.value)}
      onBlur={() => (isNew ? void namePattern(key, typed) : setTyped(null))}
    />
  );
}
