import { useState } from 'react';
import type { FlowTest, NewFlowTest } from '../../../contract/types.ts';
import { useAddFlowTest, useFlowTests } from '../../api/queries.ts';
import { figure } from '../../kitchen/format.ts';
import { Button } from '../../ui/button.tsx';
import { Dialog } from '../../ui/dialog.tsx';
import { Field, Input, Select } from '../../ui/field.tsx';
import { NumberInput, type Typed } from '../../ui/numberInput.tsx';
import { Notice } from '../../ui/state.tsx';
import { Tick } from '../../ui/tick.tsx';

const FORK = { runsThrough: 'runs through', dripsSlowly: 'drips slowly, in dollops', sitsInAPile: 'sits in a pile' } as const;
const SPOON = { runsOff: 'runs off', slidesOff: 'slides off in one', sticks: 'sticks' } as const;

/** Says which tests to do, and notes what came of them. It draws no conclusion. */
export function FlowTests({ soupId, open, onOpenChange }: { soupId: string; open: boolean; onOpenChange: (open: boolean) => void }) {
  return (
    <Dialog
      open={open}
      onOpenChange={onOpenChange}
      wide
      title="Flow tests"
      description="Noted as they were done. What they mean for someone with a swallowing difficulty is for the speech and language professional to say; nothing here is worked out from them."
    >
      <ol className="list-decimal pl-5 text-sm">
        <li>Measure the syringe: 10 ml, slip tip, 61.5 mm from the zero to the 10 ml line. Another one tests something else.</li>
        <li>At serving temperature: fill to 10 ml with the tip closed, open for ten seconds, close, read what is left.</li>
        <li>Thick ones: a fork lifted out of it, and a spoon tilted over the plate.</li>
        <li>Look for liquid that separates, pieces, skins, strings, garnish.</li>
        <li>Again after it has stood as long as it will stand: starch thins with saliva and thickens with cold. One passed test is not enough.</li>
      </ol>
      {open && <Noting soupId={soupId} />}
    </Dialog>
  );
}

function Noting({ soupId }: { soupId: string }) {
  const tests = useFlowTests(soupId);
  const add = useAddFlowTest(soupId);
  return (
    <>
      <NewTest onAdd={(test) => add.mutate(test)} />
      {(add.isError || tests.isError) && <Notice tone="breaks">{(add.error ?? tests.error)?.message} Nothing was lost; try again.</Notice>}
      <h3 className="mt-3">Done so far</h3>
      {tests.data?.length === 0 && <p className="text-sm text-kale-soft">None yet.</p>}
      <ul className="flex flex-col gap-1 text-sm">
        {tests.data?.map((test) => (
          <li key={test.id}>{testWords(test)}</li>
        ))}
      </ul>
    </>
  );
}

const WHEN = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short' });

function testWords({ testedAt, mlLeft, temperatureC, heldMinutes, forkDrip, spoonTilt, liquidSeparates, note }: FlowTest): string {
  return [
    `${WHEN.format(new Date(testedAt))}: ${figure(mlLeft)} ml left after ten seconds at ${figure(temperatureC)} °C`,
    heldMinutes > 0 ? `${figure(heldMinutes)} min after it was ready` : 'straight away',
    forkDrip && `fork: ${FORK[forkDrip]}`,
    spoonTilt && `spoon: ${SPOON[spoonTilt]}`,
    liquidSeparates && 'liquid separates',
    note,
  ]
    .filter(Boolean)
    .join('; ');
}

const FIGURES: { mlLeft: Typed; temperatureC: Typed; heldMinutes: Typed } = { mlLeft: null, temperatureC: 60, heldMinutes: 0 };
const EMPTY = { ...FIGURES, forkDrip: '', spoonTilt: '', liquidSeparates: false, note: '' };

function NewTest({ onAdd }: { onAdd: (test: NewFlowTest) => void }) {
  const [test, setTest] = useState(EMPTY);
  const put = (changes: Partial<typeof EMPTY>) => setTest({ ...test, ...changes });
  const { mlLeft, temperatureC, heldMinutes } = test;
  const valid = typeof mlLeft === 'number' && typeof temperatureC === 'number' && typeof heldMinutes === 'number';
  return (
    <form
      className="mt-3 flex flex-wrap items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (!valid) return;
        onAdd({
          mlLeft,
          temperatureC,
          heldMinutes,
          note: test.note.trim(),
          ...(test.forkDrip ? { forkDrip: test.forkDrip as keyof typeof FORK } : {}),
          ...(test.spoonTilt ? { spoonTilt: test.spoonTilt as keyof typeof SPOON } : {}),
          ...(test.liquidSeparates ? { liquidSeparates: true } : {}),
        });
        setTest(EMPTY);
      }}
    >
      <Field label="ml left after 10 s">
        <NumberInput className="w-24" min={0} max={10} value={mlLeft} onValue={(value) => put({ mlLeft: value })} />
      </Field>
      <Field label="°C">
        <NumberInput className="w-20" min={-5} max={100} value={temperatureC} onValue={(value) => put({ temperatureC: value })} />
      </Field>
      <Field label="Minutes since ready">
        <NumberInput className="w-24" min={0} max={10_000} value={heldMinutes} onValue={(value) => put({ heldMinutes: value })} />
      </Field>
      <Field label="Fork">
        <Select value={test.forkDrip} onChange={(event) => put({ forkDrip: event.target.value })}>
          <option value="">not done</option>
          {Object.entries(FORK).map(([value, label]) => (
            <option key={value} value={value}>
              {label}
            </option>
          ))}
        </Select>
      </Field>
      <Field label="Spoon">
        <Select value={test.spoonTilt} onChange={(event) => put({ spoonTilt: event.target.value })}>
          <option value="">not done</option>
          {Object.entries(SPOON).map(([value, label]) => (
            <option key={value} value={value}>
              {label}
            </option>
          ))}
        </Select>
      </Field>
      <Tick checked={test.liquidSeparates} onChange={(liquidSeparates) => put({ liquidSeparates })}>
        liquid separates
      </Tick>
      <Field label="Note" className="min-w-40 flex-1">
        <Input value={test.note} onChange={(event) => put({ note: event.target.value })} />
      </Field>
      <Button type="submit" kind="main" disabled={!valid}>
        Note the test
      </Button>
    </form>
  );
}
