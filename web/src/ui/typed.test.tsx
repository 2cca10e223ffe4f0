/** @jest-environment jsdom */
import { afterEach, beforeEach, expect, jest, test } from '@jest/globals';
import { act, fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { keeping } from './keeping';
import { leaveNow } from './leaving';
import { NumberField } from './NumberField';
import { TypedText } from './TypedText';
import { typingVisit } from './typing';
import { useInHand } from './inHand';
import { useKept } from './useKept';

beforeEach(() => void jest.useFakeTimers());
beforeEach(() => {
  localStorage.clear();
});
afterEach(() => void jest.useRealTimers());

const taken: string[] = [];
const visits: (string | null)[] = [];
function Note() {
  const [value, setValue] = useState('');
  return (
    <TypedText
      label="Note"
      value={value}
      onCommit={(text) => {
        taken.push(text);
        visits.push(typingVisit());
        setValue(text);
      }}
    />
  );
}
const Saved = () => <p role="status">{useInHand() ? 'in hand' : 'saved'}</p>;
const type = (text: string) => fireEvent.change(screen.getByLabelText('Note'), { target: { value: text } });
const kept = () =>
  keeping.keys('rotula.typed').map((key) => (JSON.parse(keeping.read(key)!) as { text: string }).text);

beforeEach(() => {
  taken.length = 0;
  visits.length = 0;
});

test('kept at the first key, taken 300 ms after the last at the latest, and “saved” is said no sooner', () => {
  render(
    <>
      <Note />
      <Saved />
    </>,
  );
  fireEvent.focus(screen.getByLabelText('Note'));
  type('h');
  expect(kept()).toEqual(['h']);
  type('ha');
  expect(screen.getByRole('status').textContent).toBe('in hand');
  expect(taken).toEqual([]);
  act(() => jest.advanceTimersByTime(300));
  expect(taken).toEqual(['ha']);
  expect(kept()).toEqual([]);
  expect(screen.getByRole('status').textContent).toBe('saved');
  // A space at the end is typed on; both are of one visit.
  type('ha ');
  act(() => jest.advanceTimersByTime(300));
  expect((screen.getByLabelText('Note') as HTMLInputElement).value).toBe('ha ');
  expect(new Set(visits).size).toBe(1);
  expect(visits[0]).not.toBeNull();
});

test('leaving the field, the page, or its place takes it at once', () => {
  const { unmount } = render(<Note />);
  type('a');
  fireEvent.blur(screen.getByLabelText('Note'));
  expect(taken).toEqual(['a']);
  type('ab');
  act(() => leaveNow());
  expect(taken).toEqual(['a', 'ab']);
  type('abc');
  unmount();
  expect(taken).toEqual(['a', 'ab', 'abc']);
});

test('what was typed when a page ended stands there again, and goes where it was going', () => {
  render(<Note />).unmount();
  // A tab that is open no more.
  keeping.write(
    `rotula.typed.${location.pathname}|Note.gone`,
    JSON.stringify({ text: 'half a wo', over: [''] }),
  );
  render(<Note />);
  expect((screen.getByLabelText('Note') as HTMLInputElement).value).toBe('half a wo');
  act(() => jest.advanceTimersByTime(300));
  expect(taken).toEqual(['half a wo']);
  expect(kept()).toEqual([]);
});

test('a figure that is none is kept while it is typed, and goes back to what it was when it is left', () => {
  const figures: number[] = [];
  render(
    <>
      <NumberField label="Heads" value={12} max={100} onCommit={(n) => figures.push(n)} />
      <Saved />
    </>,
  );
  const field = screen.getByLabelText('Heads') as HTMLInputElement;
  fireEvent.change(field, { target: { value: '1200' } });
  act(() => jest.advanceTimersByTime(2000));
  expect([figures, field.value, field.getAttribute('aria-invalid')]).toEqual([[], '1200', 'true']);
  expect(screen.getByRole('status').textContent).toBe('in hand');
  fireEvent.blur(field);
  expect(field.value).toBe('12');
  expect(screen.getByRole('status').textContent).toBe('saved');
  fireEvent.change(field, { target: { value: '14' } });
  act(() => jest.advanceTimersByTime(500));
  expect(figures).toEqual([14]);
});

test('a number that does something is taken when the field is left, and not because the page may go', () => {
  const readings: number[] = [];
  const { unmount } = render(
    <NumberField label="Reading" value="" does onCommit={(n) => readings.push(n)} />,
  );
  const field = () => screen.getByLabelText('Reading') as HTMLInputElement;
  fireEvent.change(field(), { target: { value: '1' } });
  act(() => jest.advanceTimersByTime(5000));
  act(() => leaveNow());
  unmount();
  expect(readings).toEqual([]);
  render(<NumberField label="Reading" value="" does onCommit={(n) => readings.push(n)} />);
  expect(field().value).toBe('1');
  fireEvent.change(field(), { target: { value: '12' } });
  fireEvent.blur(field());
  expect(readings).toEqual([12]);
});

test('a form that is sent by a button is kept until it is sent', () => {
  function Form() {
    const [text, setText, done] = useKept('form', '');
    return (
      <>
        <input aria-label="Form" value={text} onChange={(e) => setText(e.target.value)} />
        <button onClick={done}>Send</button>
      </>
    );
  }
  const value = () => (screen.getByLabelText('Form') as HTMLInputElement).value;
  const first = render(<Form />);
  fireEvent.change(screen.getByLabelText('Form'), { target: { value: '24' } });
  first.unmount();
  const second = render(<Form />);
  expect(value()).toBe('24');
  fireEvent.click(screen.getByText('Send'));
  expect(value()).toBe('');
  second.unmount();
  render(<Form />);
  expect(value()).toBe('');
});

test('what was typed over something that has changed since is forgotten: the document is younger', () => {
  keeping.write(
    `rotula.typed.${location.pathname}|Note.gone`,
    JSON.stringify({ text: 'stale', over: ['long ago'] }),
  );
  render(<Note />);
  expect((screen.getByLabelText('Note') as HTMLInputElement).value).toBe('');
  act(() => jest.advanceTimersByTime(300));
  expect([taken, kept()]).toEqual([[], []]);
});
