import {
  COLOUR_SCHOOLS,
  GROUP_SCHOOLS,
  MEAT_SCHOOLS,
  PLACE_SCHOOLS,
  type ColourSchool,
  type GroupSchool,
  type MeatSchool,
  type PlaceSchool,
} from '@rotula/core';
import { useWorkbench } from '../frame/context';
import { Select } from '../ui/Select';
import { SlateSection } from '../ui/Slate';
import { COLOUR_SCHOOL_WORDS, GROUP_SCHOOL_WORDS, MEAT_SCHOOL_WORDS, PLACE_SCHOOL_WORDS } from '../words/lay';
import { say } from '../language/say';
import type { Laid } from './useLaid';

/** Where practitioners disagree: how this board is laid. */
export function Schools({ laid }: { laid: Laid }) {
  const { document } = useWorkbench();
  const { schools } = document.order.lay;
  return (
    <SlateSection title={say`Schools`} aside={say`laid anew by what you choose`}>
      <div className="space-y-3">
        <Select<ColourSchool>
          label={say`Colours`}
          className="w-full"
          value={schools.colours}
          options={COLOUR_SCHOOLS.map((value) => ({ value, label: COLOUR_SCHOOL_WORDS[value] }))}
          onChange={(colours) => laid.school({ colours })}
        />
        <Select<PlaceSchool>
          label={say`Companions`}
          className="w-full"
          value={schools.places}
          options={PLACE_SCHOOLS.map((value) => ({ value, label: PLACE_SCHOOL_WORDS[value] }))}
          onChange={(places) => laid.school({ places })}
        />
        <Select<MeatSchool>
          label={say`Meats`}
          className="w-full"
          value={schools.meats}
          options={MEAT_SCHOOLS.map((value) => ({ value, label: MEAT_SCHOOL_WORDS[value] }))}
          onChange={(meats) => laid.school({ meats })}
        />
        <Select<GroupSchool>
          label={say`Groups`}
          className="w-full"
          value={schools.groups}
          options={GROUP_SCHOOLS.map((value) => ({ value, label: GROUP_SCHOOL_WORDS[value] }))}
          onChange={(groups) => laid.school({ groups })}
        />
      </div>
    </SlateSection>
  );
}
