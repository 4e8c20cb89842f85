/** Scales and probes over HTTP: listed, driven where they are simulated, listened to. */
import { type RequestHandler, Router } from 'express';
import { checkBody } from '../../contract/check.ts';
import { deviceSchema } from '../../contract/schemas.ts';
import type { Context } from '../context.ts';
import type { DeviceCommand } from '../devices/device.ts';
import { notAllowed, route } from '../http.ts';

export const deviceRoutes = ({ devices, streams }: Context): Router => {
  const stream: RequestHandler = ({ params }, response) => {
    const waiting: unknown[] = [];
    let tell = (reading: unknown) => {
      waiting.push(reading);
    };
    const stop = devices.listen(String(params.id), (reading) => tell(reading));
    const open = streams.start(response, stop);
    tell = (reading) => open.send('reading', reading);
    for (const reading of waiting) tell(reading);
  };
  return Router()
    .get(
      '/devices',
      route(async () => devices.all()),
    )
    .all('/devices', notAllowed('GET'))
    .post(
      '/devices/:id',
      route(({ params, body }) => devices.drive(String(params.id), checkBody<DeviceCommand>(deviceSchema, body))),
    )
    .all('/devices/:id', notAllowed('POST'))
    .get('/devices/:id/stream', stream)
    .all('/devices/:id/stream', notAllowed('GET'));
};
