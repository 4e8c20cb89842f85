/**
 * A dialog costs nothing while it is closed, and gives the focus back.
 * @jest-environment @happy-dom/jest-environment
 */
import { afterEach, expect, test } from '@jest/globals';
import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { Dialog } from './dialog.tsx';

afterEach(cleanup);

let made = 0;
function Inside() {
  made += 1;
  return <p>inside</p>;
}
function Screen() {
  const [open, setOpen] = useState(false);
  return (
    <>
      <button type="button" onClick={() => setOpen(true)}>
        open it
      </button>
      <Dialog open={open} onOpenChange={setOpen} title="Prices">
        <Inside />
      </Dialog>
    </>
  );
}
const settled = () => act(() => new Promise((resolve) => setTimeout(resolve, 20)));

test('what is in it is made only when it opens', async () => {
  made = 0;
  render(<Screen />);
  expect([made, screen.queryByRole('dialog')]).toEqual([0, null]);
  fireEvent.click(screen.getByText('open it'));
  await settled();
  expect([made > 0, screen.queryByRole('dialog', { name: 'Prices' }) !== null]).toEqual([true, true]);
});

test('closed by its cross it is gone, and what opened it has the focus again', async () => {
  render(<Screen />);
  const opener = screen.getByText('open it');
  opener.focus();
  fireEvent.click(opener);
  await settled();
  expect(document.activeElement).not.toBe(opener);
  fireEvent.click(screen.getByRole('button', { name: 'Close' }));
  await settled();
  expect([screen.queryByRole('dialog'), document.activeElement]).toEqual([null, opener]);
});
