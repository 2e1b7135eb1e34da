'use client';

import { useEffect, useState } from 'react';
import type { Felt } from '@/core/felt/felt';
import { TENSION_MOST, TENSION_REGIONS, type TensionRegion } from '@/core/felt/terms';
import { FRAMES } from '@/ui/figure/frames';
import { TENSION_WORDS } from '@/ui/words/felt';
import type { Face, TensionPlace } from './tensionPlaces';

type Tension = NonNullable<Felt['tension']>;

interface Picture {
  readonly markup: string;
  readonly places: readonly TensionPlace[];
}

/** A region one level tenser; after the most it is let go again. */
export function touched(tension: Tension, region: TensionRegion): Tension {
  const { [region]: level = 0, ...rest } = tension;
  return level >= TENSION_MOST ? rest : { ...rest, [region]: level + 1 };
}

function Body({
  face,
  picture,
  tension,
  onTension,
}: {
  readonly face: Face;
  readonly picture: Picture;
  readonly tension: Tension;
  readonly onTension: (tension: Tension) => void;
}) {
  return (
    <figure className="min-w-0">
      <svg
        className="fig w-full max-w-64"
        viewBox={FRAMES.close}
        aria-label={`the body from the ${face}`}
        role="group"
      >
        {/* Numbers only, computed here: nothing a person typed goes into it. */}
        <g dangerouslySetInnerHTML={{ __html: picture.markup }} aria-hidden />
        {picture.places.map(({ region, spot, half }) => {
          const level = tension[region] ?? 0;
          const press = (): void => onTension(touched(tension, region));
          return (
            <ellipse
              key={region}
              cx={spot.x}
              cy={spot.y}
              rx={half[0]}
              ry={half[1]}
              className="tension"
              data-level={level}
              role="button"
              tabIndex={0}
              aria-label={`${TENSION_REGIONS[region]}: ${TENSION_WORDS[level]}`}
              onClick={press}
              onKeyDown={(event) => {
                if (event.key !== 'Enter' && event.key !== ' ') return;
                event.preventDefault();
                press();
              }}
            />
          );
        })}
      </svg>
      <figcaption className="caption text-center">{face}</figcaption>
    </figure>
  );
}

/** Where it is tense, touched on the figure: each touch a little darker, the fourth lets go. */
export function TensionMap({
  tension,
  onTension,
}: {
  readonly tension: Tension;
  readonly onTension: (tension: Tension) => void;
}) {
  const [pictures, setPictures] = useState<Readonly<Record<Face, Picture>> | undefined>(undefined);
  useEffect(() => {
    let isWanted = true;
    void import('./tensionPlaces').then(({ tensionPicture }) => {
      if (isWanted) setPictures({ front: tensionPicture('front'), back: tensionPicture('back') });
    });
    return () => {
      isWanted = false;
    };
  }, []);
  const told = Object.entries(tension).map(
    ([region, level]) => `${TENSION_REGIONS[region as TensionRegion]} ${TENSION_WORDS[level]}`,
  );
  return (
    <fieldset>
      <legend className="caption">Where it is tense</legend>
      <div className="grid max-w-xl grid-cols-2 gap-4">
        {pictures &&
          (['front', 'back'] as const).map((face) => (
            <Body key={face} face={face} picture={pictures[face]} tension={tension} onTension={onTension} />
          ))}
      </div>
      <p className="quiet small" role="status">
        {told.length === 0 ? 'Touch where it is; touch again for more.' : told.join(', ')}
      </p>
    </fieldset>
  );
}
