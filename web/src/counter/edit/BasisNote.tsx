import { basisFieldOf, type Basis, type BasisField, type Good } from '@rotula/core';
import { say } from '../../language/say';

const NOTES: Record<Basis, string> = {
  name: say`by its name or the list`,
  typical: say`usual for what is so called`,
  'not known': say`not known: a place holder`,
};

/** Where what stands in a field comes from, and one touch that settles it. */
export function BasisNote({
  path,
  good,
  onSo,
}: {
  path: string;
  good: Good;
  onSo: ((field: BasisField) => void) | undefined;
}) {
  const part = basisFieldOf(path);
  const basis = part && good.from[part];
  if (!basis) return null;
  return (
    <span className="mt-1 flex items-center gap-3 text-sm text-annatto-text" data-basis={basis}>
      <em>{NOTES[basis]}</em>
      {onSo && basis !== 'not known' && (
        <button type="button" className="min-h-8 underline" onClick={() => onSo(part)}>
          {say`it is so`}
        </button>
      )}
    </span>
  );
}
