import { useState } from 'react';
import { Button } from '../../ui/button.tsx';
import { Field, Select } from '../../ui/field.tsx';
import { NumberInput, type Typed } from '../../ui/numberInput.tsx';
import { Notice } from '../../ui/state.tsx';
import { type DeviceInfo, readingWords, useChosenDevices, useDevices, useDrive, useReading } from './useDevices.ts';

/** Which scale and which probe this browser reads; those that are simulated are driven from here. */
export function DevicesPanel() {
  const { data: devices, error } = useDevices();
  const chosen = useChosenDevices();
  if (error) return <Notice tone="breaks">{error.message}</Notice>;
  return (
    <>
      {(['scale', 'probe'] as const).map((kind) => (
        <Field key={kind} label={kind === 'scale' ? 'Scale of this browser' : 'Probe of this browser'}>
          <Select value={chosen[kind] ?? ''} onChange={(event) => chosen.choose(kind, event.target.value || null)}>
            <option value="">none: by hand</option>
            {(devices ?? [])
              .filter((device) => device.kind === kind)
              .map(({ id, name }) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
          </Select>
        </Field>
      ))}
      <p className="text-sm text-kale-soft">Writing grams and degrees by hand always works, whatever is chosen here.</p>
      {(devices ?? [])
        .filter(({ id, simulated }) => simulated && (chosen.scale === id || chosen.probe === id))
        .map((device) => (
          <Driven key={device.id} device={device} />
        ))}
    </>
  );
}

const FAULTS = { none: 'none', flatBattery: 'flat battery', disconnected: 'cut off' } as const;

function Driven({ device: { id, kind, name } }: { device: DeviceInfo }) {
  const reading = useReading(id);
  const drive = useDrive(id);
  const [value, setValue] = useState<Typed>(kind === 'scale' ? 500 : 80);
  const send = (command: object) => drive.mutate(command);
  return (
    <fieldset className="rounded-md border border-line p-2">
      <legend className="px-1">
        {name}: <strong className="tabular-nums">{reading ? readingWords(reading) : 'no reading'}</strong>
      </legend>
      {drive.error && <Notice tone="breaks">{drive.error.message}</Notice>}
      <div className="flex flex-wrap items-end gap-2">
        <Field label={kind === 'scale' ? 'Grams' : '°C of the soup'}>
          <NumberInput className="w-24" value={value} min={kind === 'scale' ? 1 : -20} max={kind === 'scale' ? 100_000 : 120} onValue={setValue} />
        </Field>
        {kind === 'scale' ? (
          <>
            <Button disabled={typeof value !== 'number'} onClick={() => send({ load: value })}>
              Put on
            </Button>
            <Button onClick={() => send({ remove: true })}>Take all off</Button>
            <Button onClick={() => send({ tare: true })}>Tare</Button>
          </>
        ) : (
          <>
            <Button disabled={typeof value !== 'number'} onClick={() => send({ immerse: { celsius: value } })}>
              Into the soup
            </Button>
            <Button disabled={typeof value !== 'number'} onClick={() => send({ immerse: { celsius: value, grams: 3000, ringKw: 2 } })}>
              Into 3 kg on a ring of 2 kW
            </Button>
            <Button
              disabled={typeof value !== 'number'}
              onClick={() => send({ immerse: { celsius: value, container: { depthCm: 5, covered: false, air: 'moving' } } })}
            >
              Into a tray that cools
            </Button>
            <Button onClick={() => send({ immerse: null })}>Into the air</Button>
          </>
        )}
        <Field label="Fault">
          <Select defaultValue="none" onChange={(event) => send({ fault: event.target.value === 'none' ? null : event.target.value })}>
            {Object.entries(FAULTS).map(([fault, words]) => (
              <option key={fault} value={fault}>
                {words}
              </option>
            ))}
          </Select>
        </Field>
      </div>
    </fieldset>
  );
}
