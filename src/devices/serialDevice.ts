import { lineReader, readDeviceLine } from './lines';
import type { RoomListener, RoomSource } from './room';
import type { ScaleListener, ScaleSource, ScaleState } from './scale';
import { PortBusyError, type BytePort } from './serialPort';

/** A port that is held elsewhere is asked for again this often, ms. */
const ASK_AGAIN_MS = 3000;

/** A device on a line of text: a scale, a humidity sensor, or both on one cable. */
export interface SerialDevice {
  readonly scale: ScaleSource;
  readonly room: RoomSource;
  close(): void;
}

/**
 * Listens to a port in the line protocol of docs/devices.md. Tare is kept here, so it outlives an unplugged cable;
 * a device that is plugged in again goes on by itself.
 */
export function serialDevice(port: BytePort): SerialDevice {
  const scales = new Set<ScaleListener>();
  const rooms = new Set<RoomListener>();
  let state: ScaleState = 'unplugged';
  let grossG = 0;
  let tareG = 0;
  let sequence = 0;
  let isClosed = false;
  let isReading = false;
  let again: ReturnType<typeof setTimeout> | undefined;

  async function read(): Promise<void> {
    if (isReading || isClosed) return;
    isReading = true;
    const decoder = new TextDecoder('ascii');
    const lines = lineReader();
    try {
      for await (const bytes of port.open())
        for (const line of lines(decoder.decode(bytes, { stream: true }))) take(line);
      ended('unplugged');
    } catch (error) {
      // A cable pulled in the middle of a read ends here too.
      ended(error instanceof PortBusyError ? 'busy' : 'unplugged');
    }
  }

  function ended(next: 'unplugged' | 'busy'): void {
    isReading = false;
    setState(next);
    if (next === 'busy' && !isClosed) again = setTimeout(() => void read(), ASK_AGAIN_MS);
  }

  function take(line: string): void {
    const said = readDeviceLine(line);
    switch (said.kind) {
      case 'weight': {
        grossG = said.massG;
        setState('ready');
        sequence += 1;
        // Binary dust of the subtraction goes; a scale shows no ten-thousandths.
        const massG = Number((grossG - tareG).toFixed(4));
        tell(scales, (one) => one.reading({ massG, isSteady: said.isSteady, sequence }));
        return;
      }
      case 'overload':
        setState('overload');
        return;
      case 'air':
        tell(rooms, (one) => one.reading({ humidityPct: said.humidityPct, tempC: said.tempC }));
        return;
      case 'unread':
        tell(scales, (one) => one.unread?.(line));
    }
  }

  function setState(next: ScaleState): void {
    if (next === state) return;
    state = next;
    tell(scales, (one) => one.state?.(state));
  }

  const stopWaiting = port.onPluggedIn(() => void read());
  void read();

  function close(): void {
    isClosed = true;
    clearTimeout(again);
    stopWaiting();
    scales.clear();
    rooms.clear();
    void port.close();
  }

  return {
    scale: {
      listen(listener) {
        scales.add(listener);
        listener.state?.(state);
        return () => scales.delete(listener);
      },
      tare() {
        tareG = grossG;
      },
      close() {},
    },
    room: {
      listen(listener) {
        rooms.add(listener);
        return () => rooms.delete(listener);
      },
      close() {},
    },
    close,
  };
}

/** A listener that throws is its own trouble: the others hear it all the same, and the device goes on. */
function tell<L>(listeners: Iterable<L>, say: (listener: L) => void): void {
  for (const one of listeners)
    try {
      say(one);
    } catch (error) {
      // eslint-disable-next-line no-console -- the one place to say it: there is no screen here
      console.error(error);
    }
}
