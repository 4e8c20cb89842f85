/**
 * Boxes for numbers and ticks, as hands use them.
 * @jest-environment @happy-dom/jest-environment
 */
import { afterEach, describe, expect, jest, test } from '@jest/globals';
import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { createRoot } from 'react-dom/client';
import { NumberInput, type Typed } from './numberInput.tsx';
import { Tick } from './tick.tsx';

afterEach(cleanup);

const told: Typed[] = [];
function Box({ start = null, late = false }: { start?: Typed; late?: boolean }) {
  const [value, setValue] = useState<Typed>(start);
  return (
    <NumberInput
      aria-label="sodium"
      min={0}
      max={5000}
      late={late}
      value={value}
      onValue={(next) => {
        told.push(next);
        setValue(next);
      }}
    />
  );
}
const box = () => screen.getByLabelText<HTMLInputElement>('sodium');
const type = (text: string) => fireEvent.change(box(), { target: { value: text } });

describe('a box for a number', () => {
  afterEach(() => {
    told.splice(0);
  });

  test('tells at every key, keeps the comma that was typed, and tells nothing typed as nothing', () => {
    render(<Box />);
    type('1,5');
    expect(box().value).toBe('1,5');
    type('');
    expect(told).toEqual([1.5, null]);
  });
  test('1,200 is asked about and never taken as 1.2', () => {
    render(<Box />);
    type('1,200');
    expect(told).toEqual([undefined]);
    expect(box().value).toBe('1,200');
    expect(box().getAttribute('aria-invalid')).toBe('true');
    expect(document.getElementById(box().getAttribute('aria-describedby') ?? '')?.textContent).toContain('1200, or 1.2');
  });
  test('out of bounds is said, and what was typed stays', () => {
    render(<Box />);
    type('9000');
    expect([told.at(-1), box().value, screen.getByRole('status').textContent]).toEqual([undefined, '9000', 'Not above 5000.']);
  });
  test('what is typed as soon as the box stands is not put back by what React had left to do', async () => {
    const place = document.body.appendChild(document.createElement('div'));
    const surroundings = globalThis as { IS_REACT_ACT_ENVIRONMENT?: boolean };
    surroundings.IS_REACT_ACT_ENVIRONMENT = false;
    const root = createRoot(place);
    const standing = new Promise<void>((stands) => {
      new MutationObserver((_changes, observer) => {
        observer.disconnect();
        stands();
      }).observe(place, { childList: true });
    });
    root.render(<Box start={1} late />);
    await standing;
    type('0');
    await Promise.resolve();
    fireEvent.keyDown(box(), { key: 'Enter' });
    expect([told, box().value]).toEqual([[0], '0']);
    root.unmount();
    place.remove();
    surroundings.IS_REACT_ACT_ENVIRONMENT = true;
  });
  test('a late one tells when it is left, once', () => {
    render(<Box start={20} late />);
    type('28');
    expect(told).toEqual([]);
    fireEvent.blur(box());
    fireEvent.blur(box());
    expect(told).toEqual([28]);
  });
  test('a late one tells on Enter', () => {
    render(<Box start={20} late />);
    type('30');
    fireEvent.keyDown(box(), { key: 'Enter' });
    expect(told).toEqual([30]);
  });
  test('a late one goes back to what it held where it cannot be read', () => {
    render(<Box start={20} late />);
    type('wide');
    fireEvent.blur(box());
    expect([told, box().value]).toEqual([[], '20']);
  });
  test('a value from elsewhere takes its place', () => {
    const { rerender } = render(<NumberInput aria-label="sodium" value={4} onValue={() => {}} />);
    rerender(<NumberInput aria-label="sodium" value={7} onValue={() => {}} />);
    expect(box().value).toBe('7');
  });
});

describe('a tick', () => {
  const tick = () => screen.getByRole<HTMLInputElement>('checkbox');
  test('shows what was asked at once, while the answer is on its way', async () => {
    let answer = () => {};
    const asked = jest.fn(() => new Promise<void>((resolve) => (answer = resolve)));
    const { rerender } = render(
      <Tick checked={false} onChange={asked}>
        coconut
      </Tick>,
    );
    fireEvent.click(tick());
    expect([asked.mock.calls, tick().checked]).toEqual([[[true]], true]);
    rerender(
      <Tick checked onChange={asked}>
        coconut
      </Tick>,
    );
    await act(async () => answer());
    expect(tick().checked).toBe(true);
  });
  test('goes back when what was asked is refused', async () => {
    const refused = () => Promise.reject(new Error('no server'));
    render(
      <Tick checked={false} onChange={refused}>
        coconut
      </Tick>,
    );
    await act(async () => {
      fireEvent.click(tick());
    });
    expect(tick().checked).toBe(false);
  });
});
