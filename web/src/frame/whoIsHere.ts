import { useState } from 'react';
import { localKeeping } from '../ui/localKeeping';

const KEY = 'rotula.who';

/** The name of whoever works at this machine: typed once, it stands beside what they decide. */
export function useWhoIsHere(): readonly [string, (name: string) => void] {
  const [who, setWho] = useState(() => localKeeping.read(KEY) ?? '');
  return [
    who,
    (name) => {
      localKeeping.write(KEY, name);
      setWho(name);
    },
  ];
}
