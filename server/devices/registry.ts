/** The devices of this kitchen, and who listens to them. */
import { Problem } from '../../contract/problems.ts';
import type { Device, DeviceCommand, DeviceInfo, DeviceReading } from './device.ts';
import { type Now, SimulatedProbe, SimulatedScale } from './simulated.ts';

export interface Devices {
  all(): DeviceInfo[];
  drive(id: string, command: DeviceCommand): DeviceReading;
  /** Tells readings until it is called off. Throws a Problem for a device that is not there. */
  listen(id: string, told: (reading: DeviceReading) => void): () => void;
}

/** Readings a second. */
const EVERY_MS = 250;

export function makeDevices(
  now: Now,
  devices: readonly Device[] = [new SimulatedScale('scale-1', 7, now), new SimulatedProbe('probe-1', 11, now)],
): Devices {
  const byId = new Map(devices.map((device) => [device.info.id, device]));
  const one = (id: string): Device => {
    const device = byId.get(id);
    if (!device) throw new Problem('notFound', `There is no device ${id}.`);
    return device;
  };
  return {
    all: () => devices.map(({ info }) => info),
    drive(id, command) {
      const device = one(id);
      try {
        device.drive(command);
      } catch (error) {
        if (!(error instanceof RangeError)) throw error;
        throw new Problem('value.notAllowed', `${device.info.name}: ${error.message}.`, {
          errors: [{ path: '', code: 'value.notAllowed', message: error.message }],
        });
      }
      return device.read();
    },
    listen(id, told) {
      const device = one(id);
      told(device.read());
      const timer = setInterval(() => told(device.read()), EVERY_MS);
      timer.unref();
      return () => clearInterval(timer);
    },
  };
}
