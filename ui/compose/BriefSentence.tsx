'use client';

import dynamic from 'next/dynamic';
import { memo, useState } from 'react';
import type { BriefWishes, FilledBrief } from '@/core/brief';
import type { OwnLayers } from '@/core/practice';
import { HowAndForWhom, WhatFor, WithAndWithout, type BriefGroup, type WordsProps } from './BriefWords';

import { SoundAndBreath, type LayerCustoms } from './LayerWords';

const ThemeChooser = dynamic(async () => (await import('./ThemeChooser')).ThemeChooser, { ssr: false });

interface Props {
  readonly filled: FilledBrief;
  readonly groups: readonly BriefGroup[];
  readonly customs: LayerCustoms;
  /** Own breaths and sounds, chosen among like those that are shipped. */
  readonly layers: OwnLayers;
  readonly onWish: (wishes: BriefWishes) => void;
  /** The conditions whose cautions are in force: the group's, or one's own. */
  readonly minding: readonly string[];
  /** Names of all forms, for those asked for, left out or to be learnt. */
  readonly formNames: Readonly<Record<string, string>>;
  /** Whether a class of theirs is known that could come again. */
  readonly hasLast: boolean;
}

/** Whose cautions are in force. */
function Minding({ minding, groupName }: { minding: readonly string[]; groupName: string | undefined }) {
  const whose = groupName === undefined ? 'your own' : `those of ${groupName}`;
  return (
    <p className="quiet small font-sans">
      {minding.length > 0
        ? `Cautions in force: ${whose} (${minding.join('; ')}).`
        : groupName === undefined
          ? 'No cautions of your own are noted; the usual ones for everyone hold.'
          : `No cautions are noted for ${groupName}; the usual ones for everyone hold.`}
    </p>
  );
}

/** The brief as one sentence; every ruled or dotted word opens a small choice. */
export const BriefSentence = memo(function BriefSentence({
  filled,
  groups,
  customs,
  layers,
  onWish,
  minding,
  formNames,
  hasLast,
}: Props) {
  const { brief } = filled;
  const [choosing, setChoosing] = useState(false);
  const words: WordsProps = {
    filled,
    groups,
    formName: (id) => formNames[id] ?? id,
    hasLast,
    onWish,
    onChoosing: () => setChoosing(true),
  };
  return (
    <div
      className="font-serif text-[1.44rem] leading-[1.7] sm:text-[1.6rem]"
      role="group"
      aria-label="The brief"
    >
      <WhatFor {...words} />
      <HowAndForWhom {...words} />
      <SoundAndBreath {...words} customs={customs} layers={layers} />
      <WithAndWithout {...words} />
      <Minding minding={minding} groupName={groups.find((group) => group.id === brief.groupId)?.name} />
      {choosing && (
        <ThemeChooser
          theme={brief.theme}
          pins={brief.pins ?? []}
          formNames={formNames}
          onWish={(wishes) => {
            setChoosing(false);
            onWish(wishes);
          }}
          onClose={() => setChoosing(false)}
        />
      )}
    </div>
  );
});
