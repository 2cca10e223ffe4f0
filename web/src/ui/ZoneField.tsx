import { useId } from 'react';
import { say } from '../language/say';

const ZONES = Intl.supportedValuesOf('timeZone');
const known = new Map([...ZONES, 'UTC'].map((zone) => [zone.toLowerCase(), zone]));

/**
 * A time zone by region and city, found while it is typed. What is none stays where it was.
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
  return (
    <label className="block">
      <span className="mb-1 block">{label}</span>
      <input
        key={value}
        className="field w-full"
        list={list}
        aria-label={label}
        placeholder={usual === null ? undefined : say`as the shop, ${usual}`}
        defaultValue={value ?? ''}
        onBlur={(e) => {
          const typed = e.target.value.trim();
          const zone = known.get(typed.toLowerCase().replace(/ /g, '_')) ?? null;
          const next = typed === '' && usual !== null ? null : (zone ?? value);
          if (next !== value) onCommit(next);
          e.target.value = next ?? '';
        }}
        onKeyDown={(e) => e.key === 'Enter' && e.currentTarget.blur()}
      />
      <datalist id={list}>
        {ZONES.map((zone) => (
          <option key={zone} value={zone} />
        ))}
      </datalist>
    </label>
  );
}
