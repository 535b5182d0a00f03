import { NUMBER_ORIGINS } from '../../words/numbers.ts';

/** Explains how each kind of number is calculated. */
export function NumberOrigins() {
  return (
    <dl className="mt-1 grid max-w-4xl gap-x-6 text-[15px] sm:grid-cols-[180px_1fr]">
      {NUMBER_ORIGINS.map(([number, origin]) => (
        <div key={number} className="contents">
          <dt className="text-dove-dark">{number}</dt>
          <dd className="mb-1">{origin}</dd>
        </div>
      ))}
    </dl>
  );
}
