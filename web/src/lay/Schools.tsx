import { COLOUR_SCHOOLS, GROUP_SCHOOLS, MEAT_SCHOOLS, PLACE_SCHOOLS, type LaySchools } from '@rotula/core';
import { useWorkbench } from '../frame/context';
import { Select } from '../ui/Select';
import { SlateSection } from '../ui/Slate';
import { COLOUR_SCHOOL_WORDS, GROUP_SCHOOL_WORDS, MEAT_SCHOOL_WORDS, PLACE_SCHOOL_WORDS } from '../words/lay';
import { say } from '../language/say';
import type { Laid } from './useLaid';

/** Where practitioners disagree: how this board is laid. */
export function Schools({ laid }: { laid: Laid }) {
  return (
    <SlateSection title={say`Schools`} aside={say`laid anew by what you choose`}>
      <div className="space-y-3">
        <School
          of="colours"
          label={say`Colours`}
          all={COLOUR_SCHOOLS}
          words={COLOUR_SCHOOL_WORDS}
          laid={laid}
        />
        <School
          of="places"
          label={say`Companions`}
          all={PLACE_SCHOOLS}
          words={PLACE_SCHOOL_WORDS}
          laid={laid}
        />
        <School of="meats" label={say`Meats`} all={MEAT_SCHOOLS} words={MEAT_SCHOOL_WORDS} laid={laid} />
        <School of="groups" label={say`Groups`} all={GROUP_SCHOOLS} words={GROUP_SCHOOL_WORDS} laid={laid} />
      </div>
    </SlateSection>
  );
}

/** One question on which they disagree, with its answers. */
function School<K extends keyof LaySchools>({
  of,
  label,
  all,
  words,
  laid,
}: {
  of: K;
  label: string;
  all: readonly LaySchools[K][];
  words: Readonly<Record<LaySchools[K], string>>;
  laid: Laid;
}) {
  const { document } = useWorkbench();
  return (
    <Select<LaySchools[K]>
      label={label}
      className="w-full"
      value={document.order.lay.schools[of]}
      options={all.map((value) => ({ value, label: words[value] }))}
      onChange={(value) => laid.school({ [of]: value })}
    />
  );
}
