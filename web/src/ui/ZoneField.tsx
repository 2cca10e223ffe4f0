import { useId, useState } from 'react';
import { say } from '../language/say';
import { useTyped } from './useTyped';

const ZONES = Intl.supportedValuesOf('timeZone');
const known = new Map([...ZONES, 'UTC'].map((zone) => [zone.toLowerCase(), zone]));
/** Made once: there are more than four hundred. */
const OPTIONS = ZONES.map((zone) => <option key={zone} value={zone} />);

/**
 * A time zone by region and city, found while it is typed. What is none is said, and the field goes back to what it was.
 * @param usual the zone that stands when the field is empty; null: it may not be empty
 */
export function ZoneField({
  label,
  value,
  usual,
  onCommit,
}: {
  label: string;
  value: string | null;
  usual: string | null;
  onCommit: (zone: string | null) => void;
}) {
  const list = useId();
  const [refused, setRefused] = useState<string | null>(null);
  const { field } = useTyped<string | null>({
    label,
    shown: value ?? '',
    read: (text) => {
      const typed = text.trim();
      const zone = known.get(typed.toLowerCase().replace(/ /g, '_'));
      if (zone !== undefined) return { value: zone };
      return typed === '' && usual !== null ? { value: null } : null;
    },
    onCommit: (zone) => {
      setRefused(null);
      if (zone !== value) onCommit(zone);
    },
    onRefused: (text) => setRefused(text.trim()),
  });
  return (
    <label className="block">
      <span className="mb-1 block">{label}</span>
      <input
        className="field w-full"
        list={list}
        aria-label={label}
        placeholder={usual === null ? undefined : say`as the shop, ${usual}`}
        {...field}
      />
      <datalist id={list}>{OPTIONS}</datalist>
      {refused !== null && (
        <span role="alert" className="mt-1 block text-annatto-text">
          {say`“${refused}” is no time zone: type region and city, such as Europe/Dublin. It stays ${value ?? usual ?? ''}.`}
        </span>
      )}
    </label>
  );
}
