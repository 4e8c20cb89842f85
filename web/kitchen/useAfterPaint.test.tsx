/**
 * What is not waited for is made after the figure a cook waits for.
 * @jest-environment @happy-dom/jest-environment
 */
import { afterEach, describe, expect, test } from '@jest/globals';
import { act, cleanup, render, screen } from '@testing-library/react';
import { afterPaint } from './useAfterPaint.tsx';

afterEach(cleanup);

const made: number[] = [];
const Late = afterPaint(function Late({ view, unit }: { view: number; unit: string }) {
  made.push(view);
  return <p>{`${view} ${unit}`}</p>;
});
const nextFrame = () => act(() => new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve, 5))));

describe('a part of the screen that comes after the paint', () => {
  test('stands at once when the screen opens', () => {
    render(<Late view={1} unit="g" />);
    expect(screen.getByText('1 g')).toBeTruthy();
  });

  test('is not even rendered for another view before it is painted, and then once', async () => {
    const { rerender } = render(<Late view={1} unit="g" />);
    made.length = 0;
    rerender(<Late view={2} unit="g" />);
    expect([screen.queryByText('2 g'), made]).toEqual([null, []]);
    await nextFrame();
    expect([screen.queryByText('2 g') !== null, made]).toEqual([true, [2]]);
  });

  test('keeps to the last of several edits made before a frame', async () => {
    const { rerender } = render(<Late view={1} unit="g" />);
    made.length = 0;
    for (const view of [2, 3, 4]) rerender(<Late view={view} unit="g" />);
    await nextFrame();
    expect(made).toEqual([4]);
  });

  test('is rendered at once for what is not the view', () => {
    const { rerender } = render(<Late view={1} unit="g" />);
    rerender(<Late view={1} unit="ml" />);
    expect(screen.getByText('1 ml')).toBeTruthy();
  });
});
