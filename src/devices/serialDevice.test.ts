import fc from 'fast-check';
import { describe, expect, it, vi } from 'vitest';
import { bytePort, type BytePort } from './serialPort';
import { lineReader, readDeviceLine } from './lines';
import { serialDevice } from './serialDevice';
import type { ScaleState } from './scale';

describe('a line of a device', () => {
  it.each([
    ['W 142.6 g steady', { kind: 'weight', massG: 142.6, isSteady: true }],
    ['w +  142.6 g moving', { kind: 'weight', massG: 142.6, isSteady: false }],
    ['W -0.3 g', { kind: 'weight', massG: -0.3, isSteady: true }],
    ['W 1.250 kg steady', { kind: 'weight', massG: 1250, isSteady: true }],
    ['W 1 oz', { kind: 'weight', massG: 28.349523125, isSteady: true }],
    ['OVER', { kind: 'overload' }],
    ['H 46.2 % 19.5 C', { kind: 'air', humidityPct: 46.2, tempC: 19.5 }],
    ['H 46 -3', { kind: 'air', humidityPct: 46, tempC: -3 }],
  ])('reads %s', (line, read) => {
    expect(readDeviceLine(line)).toEqual(read);
  });

  it.each([
    'W NaN g',
    'W Infinity g',
    'W 12.3',
    'W 12,3 g',
    'W 99999999 g',
    '12.3 g',
    'H 146 % 19 C',
    'H 46 % 190 C',
    '\u0000\u0007x',
    '',
    'W 12.3 g W 12.4 g',
  ])('takes %j for no weight', (line) => {
    expect(readDeviceLine(line)).toEqual({ kind: 'unread' });
  });

  it('gives every line once, however the stream is cut', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: -999, max: 99_999 }), { maxLength: 40 }),
        fc.array(fc.integer({ min: 1, max: 9 }), { minLength: 1, maxLength: 60 }),
        fc.constantFrom('\n', '\r\n'),
        (tenths, cuts, end) => {
          const wanted = tenths.map((value) => `W ${(value / 10).toFixed(1)} g steady`);
          const text = wanted.map((line) => line + end).join('');
          const read = lineReader();
          const got: string[] = [];
          let at = 0;
          for (let i = 0; at < text.length; i++) {
            const size = cuts[i % cuts.length] ?? 1;
            got.push(...read(text.slice(at, at + size)));
            at += size;
          }
          expect(got).toEqual(wanted);
        },
      ),
      { seed: 71, numRuns: 200 },
    );
  });

  it('lets noise without an end go', () => {
    const read = lineReader();
    for (let i = 0; i < 1000; i++) expect(read('x'.repeat(50))).toEqual([]);
    expect(read('\nW 5.0 g\n').at(-1)).toBe('W 5.0 g');
  });
});

/** A cable held in the hand: lines go in, it is pulled and plugged. */
function cable() {
  const encoder = new TextEncoder();
  let pluggedIn = () => {};
  let push: (bytes: Uint8Array | null) => void = () => {};
  const port: BytePort = {
    async *open() {
      const waiting: (Uint8Array | null)[] = [];
      let wake = () => {};
      push = (bytes) => {
        waiting.push(bytes);
        wake();
      };
      for (;;) {
        if (waiting.length === 0) await new Promise<void>((resolve) => (wake = resolve));
        const bytes = waiting.shift();
        if (bytes === null) throw new Error('the device has been lost');
        if (bytes) yield bytes;
      }
    },
    close: async () => {},
    onPluggedIn(callback) {
      pluggedIn = callback;
      return () => {};
    },
  };
  const settle = () => new Promise((resolve) => setTimeout(resolve, 0));
  return {
    port,
    async send(text: string) {
      push(encoder.encode(text));
      await settle();
    },
    async pull() {
      push(null);
      await settle();
    },
    async plugIn() {
      pluggedIn();
      await settle();
    },
    settle,
  };
}

describe('a scale on a cable', () => {
  it('is listened to, tared here, and goes on after it was unplugged in the middle of a pour', async () => {
    const hand = cable();
    const device = serialDevice(hand.port);
    await hand.settle();
    const masses: number[] = [];
    const sequences: number[] = [];
    const states: ScaleState[] = [];
    const unread: string[] = [];
    device.scale.listen({
      reading: ({ massG, sequence }) => {
        masses.push(massG);
        sequences.push(sequence);
      },
      state: (state) => states.push(state),
      unread: (line) => unread.push(line),
    });
    await hand.send('W 210.0 g steady\nW 21');
    device.scale.tare();
    await hand.send('5.1 g moving\nrubbish\nW NaN g\n');
    expect(masses).toEqual([210, 5.1]);
    expect(unread).toEqual(['rubbish', 'W NaN g']);
    await hand.pull();
    expect(states).toEqual(['unplugged', 'ready', 'unplugged']);
    await hand.plugIn();
    await hand.send('W 218.4 g steady\nOVER\nW 200 g steady\n');
    expect(masses).toEqual([210, 5.1, 8.4, -10]);
    expect(sequences).toEqual([1, 2, 3, 4]);
    expect(states).toEqual(['unplugged', 'ready', 'unplugged', 'ready', 'overload', 'ready']);
  });

  it('hears the room on the same cable', async () => {
    const hand = cable();
    const device = serialDevice(hand.port);
    await hand.settle();
    const airs: unknown[] = [];
    device.room.listen({ reading: (reading) => airs.push(reading) });
    await hand.send('H 47.5 % 20.1 C\nW 1.0 g\n');
    expect(airs).toEqual([{ humidityPct: 47.5, tempC: 20.1 }]);
  });

  it('goes on when a listener throws: the others hear every weight, and nothing is unplugged', async () => {
    const logged = vi.spyOn(console, 'error').mockImplementation(() => {});
    const hand = cable();
    const device = serialDevice(hand.port);
    await hand.settle();
    const masses: number[] = [];
    const states: ScaleState[] = [];
    device.scale.listen({
      reading: () => {
        throw new Error('a screen broke');
      },
    });
    device.scale.listen({
      reading: ({ massG }) => masses.push(massG),
      state: (state) => states.push(state),
    });
    await hand.send('W 1 g\nW 2 g\n');
    expect(masses).toEqual([1, 2]);
    expect(states).toEqual(['unplugged', 'ready']);
    expect(logged).toHaveBeenCalledTimes(2);
    logged.mockRestore();
    device.close();
  });

  it('says of a port that another program holds that it is busy, and reads once it is free', async () => {
    vi.useFakeTimers();
    let isHeld = true;
    const serial = Object.assign(new EventTarget(), {
      requestPort: () => Promise.reject(new Error('nobody asks')),
      getPorts: () => Promise.resolve([]),
    });
    const port = bytePort(
      serial,
      {
        open: () =>
          isHeld
            ? Promise.reject(new DOMException('Failed to open serial port.', 'NetworkError'))
            : Promise.resolve(),
        close: () => Promise.resolve(),
        readable: new ReadableStream({
          start: (controller) => controller.enqueue(new TextEncoder().encode('W 7 g\n')),
        }),
      },
      9600,
    );
    const device = serialDevice(port);
    const states: ScaleState[] = [];
    device.scale.listen({ reading: () => {}, state: (state) => states.push(state) });
    await vi.advanceTimersByTimeAsync(1);
    expect(states).toEqual(['unplugged', 'busy']);
    isHeld = false;
    await vi.advanceTimersByTimeAsync(2900);
    expect(states).toEqual(['unplugged', 'busy']);
    await vi.advanceTimersByTimeAsync(200);
    expect(states).toEqual(['unplugged', 'busy', 'ready']);
    device.close();
    vi.useRealTimers();
  });
});
