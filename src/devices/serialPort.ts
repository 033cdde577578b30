/** Another program holds the port. */
export class PortBusyError extends Error {}

/** A port that bytes come out of, as the browser's serial port is one; a test brings its own. */
export interface BytePort {
  /** Opens it and gives what it sends until it is unplugged or closed. @throws PortBusyError while another program holds it */
  open(): AsyncIterable<Uint8Array>;
  close(): Promise<void>;
  /** Calls back whenever the same device is plugged in again; returns how to stop. */
  onPluggedIn(callback: () => void): () => void;
}

/** The part of the browser's serial interface that is used here. */
export interface SerialPortLike {
  open(options: { baudRate: number }): Promise<void>;
  close(): Promise<void>;
  readonly readable: ReadableStream<Uint8Array> | null;
}
export interface SerialLike extends EventTarget {
  requestPort(): Promise<SerialPortLike>;
  getPorts(): Promise<SerialPortLike[]>;
}

/** The browser's serial interface; null where it has none (then weights are typed). */
export function browserSerial(): SerialLike | null {
  return (navigator as Navigator & { serial?: SerialLike }).serial ?? null;
}

/** @param baudRate as the device is set, 9600 for most */
export function bytePort(serial: SerialLike, port: SerialPortLike, baudRate: number): BytePort {
  let reader: ReadableStreamDefaultReader<Uint8Array> | null = null;
  return {
    async *open() {
      await openFree(port, baudRate);
      if (!port.readable) return;
      reader = port.readable.getReader();
      try {
        for (;;) {
          const { value, done } = await reader.read();
          if (done) return;
          yield value;
        }
      } finally {
        reader.releaseLock();
        reader = null;
        await port.close().catch(() => undefined);
      }
    },
    async close() {
      await reader?.cancel().catch(() => undefined);
    },
    onPluggedIn(callback) {
      const heard = (event: Event) => {
        const { target } = event;
        if (target === serial || target === (port as unknown)) callback();
      };
      serial.addEventListener('connect', heard);
      return () => serial.removeEventListener('connect', heard);
    },
  };
}

async function openFree(port: SerialPortLike, baudRate: number): Promise<void> {
  try {
    await port.open({ baudRate });
  } catch (error) {
    // The browser says a network error when the system will not hand the port over.
    if (error instanceof DOMException && error.name === 'NetworkError')
      throw new PortBusyError(error.message);
    throw error;
  }
}
