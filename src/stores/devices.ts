import { defineStore } from 'pinia';
import { computed, ref, shallowRef, watch } from 'vue';
import { reasonOf } from '@/core/basics/format/reason';
import { browserSerial, bytePort } from '@/devices/serialPort';
import { serialDevice, type SerialDevice } from '@/devices/serialDevice';
import { simulatedSensor, type AirReading, type RoomSource } from '@/devices/room';
import { useRoomStore } from './room';
import { useWorkshopStore } from './workshop';

/** What is plugged in: the serial device, and whatever reads the air. */
export const useDevicesStore = defineStore('devices', () => {
  const workshop = useWorkshopStore();
  const room = useRoomStore();
  const device = shallowRef<SerialDevice | null>(null);
  const problem = ref('');
  const isSupported = computed(() => browserSerial() !== null);
  let sensor: RoomSource | null = null;

  /** Asks which port, in answer to a press of the hand: the browser allows it no other way. */
  async function connect(): Promise<void> {
    const serial = browserSerial();
    if (!serial) {
      problem.value =
        'This browser can’t read serial ports. Use another browser, or type what the scale shows.';
      return;
    }
    try {
      const port = await serial.requestPort();
      open(serialDevice(bytePort(serial, port, workshop.settings.serialBaud)));
      problem.value = '';
    } catch (error) {
      problem.value =
        error instanceof DOMException && error.name === 'NotFoundError'
          ? 'You chose no port. Choose one to read the scale.'
          : `Couldn’t open the port (${reasonOf(error)}).`;
    }
  }

  /** Ports allowed before are opened again without asking. */
  async function reopen(): Promise<void> {
    const { scaleSource, roomSource, serialBaud } = workshop.settings;
    if (device.value || (scaleSource !== 'serial' && roomSource !== 'serial')) return;
    const serial = browserSerial();
    const [port] = (await serial?.getPorts()) ?? [];
    if (serial && port) open(serialDevice(bytePort(serial, port, serialBaud)));
  }

  function open(next: SerialDevice): void {
    device.value?.close();
    device.value = next;
    listenToAir();
  }

  function listenToAir(): void {
    sensor?.close();
    sensor = null;
    const { roomSource, humidityPct, tempC, sensorPlace } = workshop.settings;
    const take = (by: 'simulated-sensor' | 'serial-sensor') => ({
      reading: (air: AirReading) => room.read(sensorPlace, air, by),
    });
    if (roomSource === 'simulated') {
      sensor = simulatedSensor({ humidityPct, tempC });
      sensor.listen(take('simulated-sensor'));
    } else if (roomSource === 'serial') device.value?.room.listen(take('serial-sensor'));
  }

  let isStarted = false;
  function start(): void {
    if (isStarted) return;
    isStarted = true;
    watch(
      () => [workshop.settings.roomSource, workshop.settings.sensorPlace],
      () => {
        listenToAir();
        void reopen();
      },
      { immediate: true },
    );
  }

  return { device, problem, isSupported, connect, reopen, start };
});
