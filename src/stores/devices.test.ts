import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { openShop } from '../../tests/fixtures/shop';
import { useDevicesStore } from './devices';

let workshop: ReturnType<typeof openShop>;
let devices: ReturnType<typeof useDevicesStore>;

/** A browser with serial ports, or with none. @param ports those that were allowed before */
function browserWith(
  serial: { readonly ask: () => Promise<unknown>; readonly ports?: readonly unknown[] } | null,
): { readonly opened: () => number } {
  let asked = 0;
  const like =
    serial &&
    Object.assign(new EventTarget(), {
      requestPort: serial.ask,
      getPorts: async () => {
        asked += 1;
        return serial.ports ?? [];
      },
    });
  vi.stubGlobal('navigator', like ? { serial: like } : {});
  return { opened: () => asked };
}
/** A port that opens and says nothing. */
const quietPort = () => ({
  open: async () => undefined,
  close: async () => undefined,
  readable: null,
});

beforeEach(() => {
  workshop = openShop();
  devices = useDevicesStore();
});
afterEach(() => {
  vi.unstubAllGlobals();
  vi.useRealTimers();
});

describe('a device that is connected by hand', () => {
  it('cannot be where the browser has no ports, and what to do is said', async () => {
    browserWith(null);
    await devices.connect();
    expect(devices.problem).toMatch(/can’t read serial ports.*[Tt]ype/);
    expect(devices.device).toBeNull();
  });

  it('is not there when none was chosen, or when it would not open', async () => {
    browserWith({ ask: () => Promise.reject(new DOMException('no', 'NotFoundError')) });
    await devices.connect();
    expect(devices.problem).toBe('You chose no port. Choose one to read the scale.');
    browserWith({ ask: () => Promise.reject(new Error('held')) });
    await devices.connect();
    expect(devices.problem).toBe('Couldn’t open the port (held).');
  });

  it('is in hand, and what was wrong before is forgotten; a second one takes its place', async () => {
    browserWith({ ask: () => Promise.reject(new Error('held')) });
    await devices.connect();
    browserWith({ ask: async () => quietPort() });
    await devices.connect();
    expect(devices.problem).toBe('');
    const first = devices.device;
    expect(first).not.toBeNull();
    const closed = vi.spyOn(first as NonNullable<typeof first>, 'close');
    await devices.connect();
    expect(closed).toHaveBeenCalledOnce();
    expect(devices.device).not.toBe(first);
  });
});

describe('a port that was allowed before', () => {
  it.each([
    ['simulated', 'typed', false],
    ['serial', 'typed', true],
    ['simulated', 'serial', true],
  ] as const)('scale %s, air %s: is opened again: %s', async (scaleSource, roomSource, opens) => {
    workshop.changeSettings({ scaleSource, roomSource });
    const { opened } = browserWith({ ask: async () => quietPort(), ports: [quietPort()] });
    await devices.reopen();
    expect(opened()).toBe(opens ? 1 : 0);
    expect(devices.device !== null).toBe(opens);
  });

  it('is left alone while another is in hand, and where there is none', async () => {
    workshop.changeSettings({ scaleSource: 'serial' });
    browserWith({ ask: async () => quietPort(), ports: [] });
    await devices.reopen();
    expect(devices.device).toBeNull();
    const { opened } = browserWith({ ask: async () => quietPort(), ports: [quietPort()] });
    await devices.connect();
    const inHand = devices.device;
    await devices.reopen();
    expect(opened()).toBe(0);
    expect(devices.device).toBe(inHand);
  });
});

describe('what reads the air', () => {
  const lastAir = () =>
    workshop.records.rooms
      .flatMap((day) => day.readings)
      .filter(({ by }) => by === 'simulated-sensor');

  it('writes the air of its place down as long as it is used', async () => {
    browserWith(null);
    vi.useFakeTimers();
    workshop.changeSettings({ roomSource: 'simulated', sensorPlace: 'drying-room' });
    devices.start();
    await vi.advanceTimersByTimeAsync(120_000);
    const count = lastAir().length;
    expect(count).toBeGreaterThan(0);
    workshop.changeSettings({ roomSource: 'typed' });
    await vi.advanceTimersByTimeAsync(600_000);
    expect(lastAir().length).toBe(count);
  });
});
