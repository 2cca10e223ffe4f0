import type { BasisField, Good } from '@rotula/core';
import clsx from 'clsx';
import { useRef, useState } from 'react';
import { Select } from '../../ui/Select';
import { capital, type Format } from '../../ui/format';
import { NumberField } from '../../ui/NumberField';
import { TypedText } from '../../ui/TypedText';
import { BasisNote } from './BasisNote';
import { valueAt, type Field } from './fields';
import { minorPerPrice } from './price';
import { say, word } from '../../language/say';

interface Props {
  readonly field: Field;
  readonly good: Good;
  readonly format: Format;
  readonly onSet: (value: unknown) => void;
  /** Somebody says that what stands there is so. */
  readonly onSo?: (field: BasisField) => void;
}

/** One field of a good, edited where it stands. */
export function FieldRow(props: Props) {
  const { field } = props;
  const wide = field.is === 'long' || field.is === 'words' || field.is === 'many' || field.is === 'shares';
  const named = field.is === 'many' || field.is === 'shares' || field.is === 'one' || field.is === 'yes/no';
  const Wrap = named ? 'div' : 'label';
  return (
    <Wrap className={clsx('block', wide && 'min-[700px]:col-span-2')}>
      <span className="mb-1 block text-ink-soft">
        {field.label}
        {isEstimated(props.good, field.path) && (
          <em className="ml-2 text-sm" data-estimated={field.path}>{say`estimated; set it once tasted`}</em>
        )}
      </span>
      <Input {...props} />
      <BasisNote path={field.path} good={props.good} onSo={props.onSo} />
    </Wrap>
  );
}

const isEstimated = (good: Good, path: string): boolean =>
  good.kind !== 'ware' && good.estimated.some((scale) => path === `sense.${scale}`);

const splitWords = (text: string) =>
  text
    .split(/[;,\n]/)
    .map((text) => text.trim())
    .filter(Boolean);

function Input({ field, good, format, onSet }: Props) {
  const value = valueAt(good, field.path);
  switch (field.is) {
    case 'text':
    case 'long':
    case 'words':
      return <TextInput field={field} value={value} onSet={onSet} />;
    case 'yes/no':
      return (
        <button
          type="button"
          role="switch"
          aria-checked={Boolean(value)}
          aria-label={field.label}
          className="field w-full text-left"
          onClick={() => onSet(!value)}
        >
          {value ? say`yes` : say`no`}
        </button>
      );
    case 'one':
      return (
        <Select
          label={field.label}
          className="w-full"
          value={String(value ?? '')}
          options={field.of.map((v) => ({ value: v, label: v === 'kg' ? format.bulk.name : word(v) }))}
          onChange={onSet}
        />
      );
    case 'many':
      return <Many of={field.of} chosen={value as readonly string[]} label={field.label} onSet={onSet} />;
    case 'shares':
      return <Shares of={field.of} shares={value as readonly Share[]} onSet={onSet} />;
    case 'scale':
      return <ScaleSlider label={field.label} value={Number(value ?? 0)} onSet={onSet} />;
    default:
      return (
        <Figure field={field} value={value as number | null} good={good} format={format} onSet={onSet} />
      );
  }
}

/** A slider comes to rest before it is an edit. */
const REST_MS = 400;

/** A scale of 0 to 10: it moves under the hand, and is one edit, and one undo, when it comes to rest. */
function ScaleSlider({
  label,
  value,
  onSet,
}: {
  label: string;
  value: number;
  onSet: (value: unknown) => void;
}) {
  const [moving, setMoving] = useState<number | null>(null);
  const rest = useRef<ReturnType<typeof setTimeout>>(undefined);
  const commit = (n: number) => {
    clearTimeout(rest.current);
    setMoving(null);
    if (n !== value) onSet(n);
  };
  const shown = moving ?? value;
  return (
    <span className="flex items-center gap-3">
      <input
        type="range"
        min={0}
        max={10}
        step={0.5}
        value={shown}
        aria-label={label}
        className="h-11 min-w-0 flex-1 accent-annatto"
        onChange={(e) => {
          const n = Number(e.target.value);
          setMoving(n);
          clearTimeout(rest.current);
          rest.current = setTimeout(() => commit(n), REST_MS);
        }}
        onPointerUp={() => moving !== null && commit(moving)}
        onBlur={() => moving !== null && commit(moving)}
      />
      <span className="w-7 text-right font-bold">{String(shown)}</span>
    </span>
  );
}

function TextInput({
  field,
  value,
  onSet,
}: {
  field: Field;
  value: unknown;
  onSet: (value: unknown) => void;
}) {
  const text = field.is === 'words' ? (value as readonly string[]).join(', ') : String(value ?? '');
  const isLong = field.is === 'long';
  return (
    <TypedText
      long={isLong}
      label={field.label}
      value={text}
      className={isLong ? 'field min-h-20 w-full py-2' : 'field w-full'}
      onCommit={(typed) => onSet(field.is === 'words' ? splitWords(typed) : typed)}
    />
  );
}

type FigureField = Extract<Field, { is: 'money' | 'grams' | 'mm' | 'number' | 'days' }>;

/** A number in the person's units; an optional one has a way to say that it is not known. */
function Figure({
  field,
  value,
  good,
  format,
  onSet,
}: {
  field: FigureField;
  value: number | null | undefined;
  good: Good;
  format: Format;
  onSet: (value: unknown) => void;
}) {
  const unit = {
    money: { per: minorPerPrice(good, format), name: format.currency },
    grams: { per: format.small.grams, name: format.small.name },
    mm: { per: format.length.mm, name: format.length.name },
    number: { per: 1, name: '' },
    days: { per: 1, name: '' },
  }[field.is];
  const whole = field.is === 'money' || field.is === 'days';
  const digits = field.is === 'money' ? 100 : 1000;
  const shown = value === null || value === undefined ? '' : Math.round((value / unit.per) * digits) / digits;
  return (
    <span className="flex items-center gap-2">
      <NumberField
        label={field.label}
        className="field min-w-0 flex-1"
        value={shown}
        onCommit={(n) => onSet(whole ? Math.round(n * unit.per) : n * unit.per)}
      />
      <span className="text-sm text-ink-soft">{unit.name}</span>
      {field.optional && shown !== '' && (
        <button
          type="button"
          className="min-h-11 px-1 text-sm text-ink-soft underline underline-offset-4"
          aria-label={say`clear: ${field.label}`}
          onClick={() => onSet(null)}
        >{say`clear`}</button>
      )}
    </span>
  );
}

function Many({
  of,
  chosen,
  label,
  onSet,
}: {
  of: readonly string[];
  chosen: readonly string[];
  label: string;
  onSet: (value: unknown) => void;
}) {
  return (
    <div role="group" aria-label={label} className="flex flex-wrap gap-1.5">
      {of.map((one) => {
        const on = chosen.includes(one);
        return (
          <button
            key={one}
            type="button"
            aria-pressed={on}
            className={clsx(
              'min-h-11 rounded-full border-[1.5px] px-3.5',
              on ? 'border-ink bg-shade font-bold' : 'border-line',
            )}
            onClick={() => onSet(on ? chosen.filter((c) => c !== one) : [...chosen, one])}
          >
            {word(one)}
          </button>
        );
      })}
    </div>
  );
}

interface Share {
  readonly animal: string;
  readonly share: number;
}

/** Animals and their shares: press to add or take away, the figures always add up to a hundred. */
function Shares({
  of,
  shares,
  onSet,
}: {
  of: readonly string[];
  shares: readonly Share[];
  onSet: (value: unknown) => void;
}) {
  const even = (animals: readonly string[]) =>
    onSet(animals.map((animal) => ({ animal, share: 1 / animals.length })));
  const animals = shares.map((s) => s.animal);
  const setShare = (animal: string, percent: number) => {
    const rest = shares.filter((s) => s.animal !== animal);
    const left = 1 - percent / 100;
    const sum = rest.reduce((total, s) => total + s.share, 0);
    onSet([...rest.map((s) => ({ ...s, share: (left * s.share) / sum })), { animal, share: percent / 100 }]);
  };
  return (
    <div className="flex flex-wrap items-center gap-2">
      {of.map((animal) => {
        const mine = shares.find((s) => s.animal === animal);
        return (
          <span key={animal} className="flex items-center gap-1">
            <button
              type="button"
              aria-pressed={Boolean(mine)}
              className={clsx(
                'min-h-11 rounded-full border-[1.5px] px-3.5',
                mine ? 'border-ink bg-shade font-bold' : 'border-line',
              )}
              onClick={() => {
                if (!mine) even([...animals, animal]);
                else if (animals.length > 1) even(animals.filter((a) => a !== animal));
              }}
            >
              {word(animal)}
            </button>
            {mine && shares.length > 1 && (
              <NumberField
                label={say`${capital(word(animal))}, per cent`}
                className="field w-16"
                value={Math.round(mine.share * 100)}
                min={1}
                max={99}
                onCommit={(n) => setShare(animal, n)}
              />
            )}
          </span>
        );
      })}
    </div>
  );
}
