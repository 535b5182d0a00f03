import { useMemo } from 'react';
import { Figure } from '../../ui/Figure.tsx';
import { beatCurve, BEATS_SECONDS } from './simulated.ts';

interface BeatsProps {
  readonly sound: Float32Array;
  /** The frequency at which partials of the two strings should coincide, Hz. */
  readonly sharedHz: number;
  /** The explanation of how the beats are calculated. */
  readonly how: string;
  /** The beats a second. */
  readonly beats: number;
  readonly beatsWhenRight: number;
}

const WIDTH = 560;
const HEIGHT = 70;

/** Draws the swelling and fading of the partial that two strings share, over three seconds: the slower, the nearer. */
export function BeatCurve({ sound, sharedHz, how, beats, beatsWhenRight }: BeatsProps) {
  const curve = useMemo(() => beatCurve(sound, sharedHz), [sound, sharedHz]);
  const points = curve.map((strength, index) => {
    const x = (index / (curve.length - 1)) * WIDTH;
    return [x, (strength * (HEIGHT - 6)) / 2] as const;
  });
  const upper = points.map(([x, half]) => `${x.toFixed(1)} ${(HEIGHT / 2 - half).toFixed(1)}`);
  const lower = points.toReversed().map(([x, half]) => `${x.toFixed(1)} ${(HEIGHT / 2 + half).toFixed(1)}`);
  const right = Math.abs(beats - beatsWhenRight) < 0.15;
  return (
    <figure className="mt-3">
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        preserveAspectRatio="none"
        className="block h-[clamp(70px,14dvh,150px)] w-full"
        role="img"
        aria-label={`Beats of the two strings over ${BEATS_SECONDS} seconds`}
      >
        <path
          d={`M${[...upper, ...lower].join('L')}Z`}
          className={right ? 'fill-verdigris/30 stroke-verdigris' : 'fill-band stroke-dove'}
        />
      </svg>
      <figcaption className="text-[15px]">
        <Figure how={how}>{beats < 0.05 ? 'Nothing beats' : `${beats.toFixed(1)} beats a second`}</Figure>.{' '}
        <span className="text-dove-dark">
          {BEATS_SECONDS} seconds of the partial both strings share, near {Math.round(sharedHz)} Hz.
        </span>
      </figcaption>
    </figure>
  );
}
